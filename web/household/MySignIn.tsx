import { say } from '@idle-kettle/words';
import type { Who } from '@idle-kettle/contract';
import { sayError } from '../api/request.ts';
import { useEndSessions, useMembers, useSessions, useSignOut } from '../api/who.ts';
import { NotDone } from './NotDone.tsx';
import { ago } from './ago.ts';
import { browserInWords } from './browserInWords.ts';
import { NewPassphrase } from './NewPassphrase.tsx';
import { Passkeys } from './Passkeys.tsx';
import { ROLE_IN_WORDS } from './roles.ts';

type Props = { readonly who: Who & { readonly member: NonNullable<Who['member']> } };

/** Where whoever is here is signed in, and how that is ended. */
export function MySignIn({ who }: Props) {
  const { id, name } = who.member;
  const isTablet = useMembers().data?.find((one) => one.id === id)?.tablet;
  const sessions = useSessions(id);
  const signOut = useSignOut();
  const end = useEndSessions();
  const error = signOut.error ?? end.error;
  const isBusy = signOut.isPending || end.isPending;
  return (
    <section aria-labelledby="mine-title" className="flex flex-col gap-3">
      <h2 id="mine-title" className="text-xl font-bold text-primary">
        {say('people.mine')}
      </h2>
      <p>{say('people.signedInAs', { name, role: say(ROLE_IN_WORDS[who.role ?? 'viewer']) })}</p>
      <div className="flex flex-wrap gap-3">
        <button
          type="button"
          className="btn btn-outline"
          disabled={isBusy}
          onClick={() => signOut.mutate()}
        >
          {say('people.signOut')}
        </button>
        <button
          type="button"
          className="btn btn-outline"
          disabled={isBusy}
          onClick={() =>
            end.mutate({ memberId: id, session: null }, { onSuccess: () => location.assign('/') })
          }
        >
          {say('people.signMeOutEverywhere')}
        </button>
      </div>
      <NotDone why={error && sayError(error)} />
      <h3 className="font-bold">{say('people.where')}</h3>
      <ul>
        {sessions.data?.map((session) => (
          <li key={session.id} className="flex flex-wrap items-center gap-3 py-1">
            <span className="min-w-0 grow break-words">
              {session.here && <b>{say('people.thisBrowser')}: </b>}
              {say('people.since', {
                browser: browserInWords(session.browser),
                since: ago(session.since),
                seen: ago(session.seenAt),
              })}
            </span>
            {!session.here && (
              <button
                type="button"
                className="btn btn-outline"
                disabled={isBusy}
                onClick={() => end.mutate({ memberId: id, session: session.id })}
              >
                {say('people.end')}
              </button>
            )}
          </li>
        ))}
      </ul>
      {isTablet === false && (
        <>
          <NewPassphrase id={id} name={name} asksCurrent />
          <Passkeys />
        </>
      )}
    </section>
  );
}
