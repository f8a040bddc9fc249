import { say } from '@idle-kettle/words';
import { JoinDto, type Invite } from '@idle-kettle/contract';
import { useForm, useWatch } from 'react-hook-form';
import { useParams } from 'react-router';
import { failureOf } from '../api/failure.ts';
import { useInvitation, useJoin } from '../api/who.ts';
import { NotFetched } from '../ui/Broken.tsx';
import { Field } from '../ui/Field.tsx';
import { Loading } from '../ui/Loading.tsx';
import { PageHeading } from '../ui/PageHeading.tsx';
import { contractResolver } from './contractResolver.ts';
import { NotDone } from './NotDone.tsx';
import { faultAt, otherFault } from './faultAt.ts';
import { PassphraseField } from './PassphraseField.tsx';
import { ROLE_IN_WORDS, ROLE_MAY } from './roles.ts';

/** Whoever was invited says who they are, and is in. */
export function JoinScreen() {
  const { code = '' } = useParams();
  const invitation = useInvitation(code);
  const failure = failureOf([invitation]);
  if (failure) return <NotFetched {...failure} />;
  if (!invitation.data) return <Loading what={say('people.join')} />;
  return <JoinForm code={code} {...invitation.data} />;
}

const resolver = contractResolver<JoinDto>(JoinDto, ({ name }) => [name]);

function JoinForm({ code, role, who }: Pick<Invite, 'role' | 'who'> & { readonly code: string }) {
  const isTablet = who === 'tablet';
  const { register, handleSubmit, control, formState } = useForm<JoinDto>({
    resolver,
    defaultValues: { code, name: '', ...(isTablet ? {} : { passphrase: '' }) },
  });
  const { errors } = formState;
  const typed = useWatch({ control });
  const join = useJoin();
  const error = otherFault(join.error, ['name', 'passphrase']);
  const title = isTablet ? say('people.joinTablet') : say('people.join');
  const onSubmit = handleSubmit((values) => join.mutate(values));
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
        error={errors.name?.message ?? faultAt(join.error, 'name')}
        input={register('name')}
      />
      {!isTablet && (
        <PassphraseField
          label={say('people.passphrase')}
          value={typed.passphrase ?? ''}
          error={errors.passphrase?.message ?? faultAt(join.error, 'passphrase')}
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
