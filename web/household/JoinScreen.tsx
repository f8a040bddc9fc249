import { say } from '@idle-kettle/words';
import type { JoinDto } from '@idle-kettle/contract';
import { useForm, useWatch } from 'react-hook-form';
import { useParams } from 'react-router';
import { failureOf } from '../api/failure.ts';
import { useInvitation, useJoin } from '../api/who.ts';
import { NotFetched } from '../ui/Broken.tsx';
import { Field } from '../ui/Field.tsx';
import { Loading } from '../ui/Loading.tsx';
import { PageHeading } from '../ui/PageHeading.tsx';
import { NotDone } from './NotDone.tsx';
import { faultAt, otherFault } from './faultAt.ts';
import { PassphraseField } from './PassphraseField.tsx';
import { ROLE_IN_WORDS, ROLE_MAY } from './roles.ts';

/** Whoever was invited says who they are, and is in. */
export function JoinScreen() {
  const { code = '' } = useParams();
  const invitation = useInvitation(code);
  const { register, handleSubmit, control } = useForm<Pick<JoinDto, 'name' | 'passphrase'>>({
    defaultValues: { name: '', passphrase: '' },
  });
  const typed = useWatch({ control });
  const join = useJoin();
  const failure = failureOf([invitation]);
  if (failure) return <NotFetched {...failure} />;
  if (!invitation.data) return <Loading what={say('people.join')} />;
  const { role, who } = invitation.data;
  const isTablet = who === 'tablet';
  const error = otherFault(join.error, ['name', 'passphrase']);
  const title = isTablet ? say('people.joinTablet') : say('people.join');
  const onSubmit = handleSubmit(({ name, passphrase }) =>
    join.mutate({ code, name, ...(isTablet ? {} : { passphrase: passphrase ?? '' }) }),
  );
  return (
    <form
      onSubmit={(event) => void onSubmit(event)}
      noValidate
      className="mx-auto mt-6 flex max-w-md flex-col gap-5"
    >
      <PageHeading className="text-3xl font-bold text-primary">{title}</PageHeading>
      <p>
        {isTablet
          ? say('people.joinTabletWhy', { role: say(ROLE_IN_WORDS[role]) })
          : say('people.joinAs', { role: say(ROLE_IN_WORDS[role]), what: say(ROLE_MAY[role]) })}
      </p>
      <Field
        label={isTablet ? say('people.tabletName') : say('people.yourName')}
        hint={isTablet ? '' : say('people.yourNameHint')}
        error={faultAt(join.error, 'name')}
        input={register('name')}
      />
      {!isTablet && (
        <PassphraseField
          label={say('people.passphrase')}
          value={typed.passphrase ?? ''}
          error={faultAt(join.error, 'passphrase')}
          input={register('passphrase')}
          measuredAgainst={[typed.name ?? '']}
        />
      )}
      <NotDone why={error} />
      <button type="submit" className="btn btn-lg btn-primary" disabled={join.isPending}>
        {title}
      </button>
    </form>
  );
}
