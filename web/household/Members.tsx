import { say } from '@idle-kettle/words';
import { may, ROLES, type Member, type Role, type Who } from '@idle-kettle/contract';
import { LogOut, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { sayError } from '../api/request.ts';
import { useEndSessions, useMembers, useRemoveMember, useSetRole } from '../api/who.ts';
import { ago } from './ago.ts';
import { NotDone } from './NotDone.tsx';
import { ROLE_IN_WORDS } from './roles.ts';

/** Who belongs to the household, and for a keeper what may be done about it. */
export function Members({ who }: { readonly who: Who }) {
  const members = useMembers();
  const setRole = useSetRole();
  const isKeeper = who.role !== null && may(who.role, 'people');
  return (
    <section aria-labelledby="members-title" className="flex flex-col gap-2">
      <h2 id="members-title" className="text-xl font-bold text-primary">
        {say('people.members')}
      </h2>
      {members.data?.length === 0 && <p>{say('people.noMembers')}</p>}
      <ul>
        {members.data?.map((member) => (
          <li
            key={member.id}
            className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-base-300 py-2"
          >
            <span className="min-w-40 grow">
              <b>{member.name}</b>
              {[
                member.tablet ? say('people.tablet') : null,
                member.id === who.member?.id ? say('people.you') : null,
              ]
                .filter((part) => part !== null)
                .map((part) => `, ${part}`)}
              <span className="block text-sm opacity-80">
                {member.seenAt === null
                  ? say('people.notHere')
                  : say('people.seen', {
                      when: ago(member.seenAt),
                    })}
              </span>
            </span>
            {isKeeper ? (
              <>
                <select
                  aria-label={say('people.roleOf', { name: member.name })}
                  className="select w-32"
                  value={member.role}
                  disabled={setRole.isPending}
                  onChange={({ target }) =>
                    setRole.mutate({ id: member.id, role: target.value as Role })
                  }
                >
                  {ROLES.filter((role) => !(member.tablet && role === 'keeper')).map((role) => (
                    <option key={role} value={role}>
                      {say(ROLE_IN_WORDS[role])}
                    </option>
                  ))}
                </select>
                <MemberActions member={member} />
              </>
            ) : (
              <span>{say(ROLE_IN_WORDS[member.role])}</span>
            )}
          </li>
        ))}
      </ul>
      <NotDone why={setRole.error && sayError(setRole.error)} />
    </section>
  );
}

/** Signs a member out everywhere, or takes them out of the household. */
function MemberActions({ member }: { readonly member: Member }) {
  const end = useEndSessions();
  const remove = useRemoveMember();
  const [asking, setAsking] = useState(false);
  const { name } = member;
  const error = end.error ?? remove.error;
  if (asking)
    return (
      <div role="alert" className="flex basis-full flex-wrap items-center gap-3">
        <p>{say('people.removeWhy', { name })}</p>
        <button
          type="button"
          className="btn btn-error"
          disabled={remove.isPending}
          onClick={() => remove.mutate(member)}
        >
          {say('people.removeNow')}
        </button>
        <button type="button" className="btn btn-outline" onClick={() => setAsking(false)}>
          {say('people.keep')}
        </button>
        {error && <p className="basis-full text-error">{sayError(error)}</p>}
      </div>
    );
  return (
    <>
      {member.seenAt !== null && (
        <button
          type="button"
          className="btn btn-square btn-ghost"
          aria-label={say('people.signOutEverywhere', { name })}
          title={say('people.signOutEverywhere', { name })}
          disabled={end.isPending}
          onClick={() => end.mutate({ memberId: member.id, session: null })}
        >
          <LogOut aria-hidden className="size-5" />
        </button>
      )}
      <button
        type="button"
        className="btn btn-square btn-ghost"
        aria-label={say('people.remove', { name })}
        title={say('people.remove', { name })}
        onClick={() => setAsking(true)}
      >
        <Trash2 aria-hidden className="size-5" />
      </button>
    </>
  );
}
