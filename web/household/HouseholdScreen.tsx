import { say } from '@idle-kettle/words';
import { may } from '@idle-kettle/contract';
import { useMembers, useWho } from '../api/who.ts';
import { Loading } from '../ui/Loading.tsx';
import { PageHeading } from '../ui/PageHeading.tsx';
import { AuditLog } from './AuditLog.tsx';
import { Devices } from './Devices.tsx';
import { Invites } from './Invites.tsx';
import { Members } from './Members.tsx';
import { MySignIn } from './MySignIn.tsx';
import { NewPassphrase } from './NewPassphrase.tsx';
import { SignUp } from './SignUp.tsx';

/** Who shares this kitchen, with what devices, and who may do what. */
export function HouseholdScreen() {
  const { data: who } = useWho();
  if (who === undefined) return <Loading what={say('people.household')} />;
  const { household, member, role, signUp } = who;
  const isKeeper = role !== null && may(role, 'people');
  return (
    <div className="flex flex-col gap-6">
      <PageHeading title={say('people.household')} className="text-3xl font-bold text-primary">
        {household === null || household.name === '' ? say('people.myHousehold') : household.name}
      </PageHeading>
      <div className="grid items-start gap-8 lg:grid-cols-2">
        <div className="flex flex-col gap-8">
          {signUp ? <SignUp /> : <Members who={who} />}
          {isKeeper && !signUp && <Invites homeAddress={who.homeAddress} />}
          {member === null ? !signUp && <AtTheMachine /> : <MySignIn who={{ ...who, member }} />}
        </div>
        <div className="flex flex-col gap-8">
          <Devices who={who} />
          {isKeeper && <AuditLog />}
        </div>
      </div>
    </div>
  );
}

/** At the machine itself nobody signs in, and whoever forgot a passphrase gets another. */
function AtTheMachine() {
  const members = useMembers();
  return (
    <section aria-labelledby="machine-title" className="flex flex-col gap-3">
      <h2 id="machine-title" className="text-xl font-bold text-primary">
        {say('people.mine')}
      </h2>
      <p>{say('people.atTheMachine')}</p>
      {members.data
        ?.filter(({ tablet }) => !tablet)
        .map(({ id, name }) => (
          <NewPassphrase key={id} id={id} name={name} />
        ))}
    </section>
  );
}
