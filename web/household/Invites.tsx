import { say } from '@idle-kettle/words';
import { ROLES, type InviteDto, type NewInvite, type Role } from '@idle-kettle/contract';
import { format } from 'date-fns';
import { useForm, useWatch } from 'react-hook-form';
import { sayError } from '../api/request.ts';
import { useInvite, useInvites, useWithdraw } from '../api/who.ts';
import { Choice } from '../ui/Field.tsx';
import { NotDone } from './NotDone.tsx';
import { QrCode } from './QrCode.tsx';
import { ROLE_IN_WORDS, ROLE_MAY } from './roles.ts';

const untilOf = (until: string): string => format(new Date(until), 'EEEE p');

/** A keeper asks somebody in, with a code for the camera of a phone. */
export function Invites({ homeAddress }: { readonly homeAddress: string | null }) {
  const { register, handleSubmit, control } = useForm<InviteDto>({
    defaultValues: { who: 'person', role: 'helper' },
  });
  const { who } = useWatch({ control });
  const invites = useInvites(true);
  const invite = useInvite();
  const withdraw = useWithdraw();
  const onSubmit = handleSubmit(({ who: whom, role }) =>
    invite.mutate({ who: whom, role: whom === 'tablet' && role === 'keeper' ? 'helper' : role }),
  );
  const open = invites.data?.filter(({ id }) => id !== invite.data?.id) ?? [];
  const error = invite.error ?? withdraw.error;
  return (
    <section aria-labelledby="invite-title" className="flex flex-col gap-4">
      <h2 id="invite-title" className="text-xl font-bold text-primary">
        {say('people.inviteTitle')}
      </h2>
      {homeAddress === null && <p>{say('people.notReachable')}</p>}
      <form onSubmit={(event) => void onSubmit(event)} className="flex flex-col gap-4">
        <Choice
          legend={say('people.inviteWho')}
          name={register('who')}
          options={[
            { value: 'person', text: say('people.somebody') },
            { value: 'tablet', text: say('people.aTablet') },
          ]}
        />
        <Choice
          legend={say('people.inviteAs')}
          name={register('role')}
          options={ROLES.filter((role: Role) => !(who === 'tablet' && role === 'keeper')).map(
            (role) => ({
              value: role,
              text: say(ROLE_IN_WORDS[role]),
              detail: say(ROLE_MAY[role]),
            }),
          )}
        />
        <button type="submit" className="btn self-start btn-primary" disabled={invite.isPending}>
          {say('people.makeInvite')}
        </button>
      </form>
      <NotDone why={error && sayError(error)} />
      {invite.data && <Made invite={invite.data} homeAddress={homeAddress} />}
      {open.length > 0 && (
        <div>
          <h3 className="font-bold">{say('people.openInvites')}</h3>
          <ul>
            {open.map((one) => (
              <li key={one.id} className="flex flex-wrap items-center gap-3 py-1">
                <span className="grow">
                  {say('people.inviteOf', {
                    who: one.who === 'tablet' ? say('people.aTablet') : say('people.somebody'),
                    role: say(ROLE_IN_WORDS[one.role]),
                    until: untilOf(one.until),
                  })}
                </span>
                <button
                  type="button"
                  className="btn btn-outline"
                  disabled={withdraw.isPending}
                  onClick={() => withdraw.mutate(one)}
                >
                  {say('people.withdraw')}
                </button>
              </li>
            ))}
          </ul>
        </div>
      )}
    </section>
  );
}

/** A new invitation, as it is shown once. */
function Made(props: { readonly invite: NewInvite; readonly homeAddress: string | null }) {
  const { invite, homeAddress } = props;
  const address = `${homeAddress ?? location.origin}/join/${invite.code}`;
  return (
    <div
      role="status"
      data-testid="invitation"
      className="flex flex-wrap items-center gap-5 rounded-box bg-base-100 p-4"
    >
      <QrCode text={address} label={say('people.scan')} />
      <p className="max-w-sm min-w-0">
        <b>{say('people.scan')}</b>
        <br />
        {say('people.scanOr', { until: untilOf(invite.until) })}
        <br />
        <span className="break-all select-all" data-testid="invite-address">
          {address}
        </span>
      </p>
    </div>
  );
}
