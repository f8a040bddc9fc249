import { say } from '@idle-kettle/words';
import { useForm, useWatch } from 'react-hook-form';
import { SignInDto } from '@idle-kettle/contract';
import { useSignIn } from '../api/who.ts';
import { Field } from '../ui/Field.tsx';
import { PageHeading } from '../ui/PageHeading.tsx';
import { contractResolver } from './contractResolver.ts';
import { faultAt, otherFault } from './faultAt.ts';
import { PassphraseField } from './PassphraseField.tsx';
import { SignInByPasskey } from './SignInByPasskey.tsx';

const resolver = contractResolver<SignInDto>(SignInDto);

/** Who comes over the home network says who they are. */
export function SignIn() {
  const { register, handleSubmit, control, formState } = useForm<SignInDto>({
    resolver,
    defaultValues: { name: '', passphrase: '' },
  });
  const { errors } = formState;
  const passphrase = useWatch({ control, name: 'passphrase' });
  const signIn = useSignIn();
  const error = otherFault(signIn.error, ['name', 'passphrase']);
  const onSubmit = handleSubmit((values) => signIn.mutate(values));
  return (
    <form
      onSubmit={(event) => void onSubmit(event)}
      noValidate
      className="mx-auto mt-6 flex max-w-md flex-col gap-5"
    >
      <PageHeading className="text-3xl font-bold text-primary">{say('people.signIn')}</PageHeading>
      <p>{say('people.signInWhy')}</p>
      <Field
        label={say('people.name')}
        error={errors.name?.message ?? faultAt(signIn.error, 'name')}
        input={{ ...register('name'), autoComplete: 'username' }}
      />
      <PassphraseField
        label={say('people.passphrase')}
        value={passphrase}
        error={errors.passphrase?.message ?? faultAt(signIn.error, 'passphrase')}
        input={register('passphrase')}
      />
      {error !== null && (
        <p role="alert" className="text-error">
          {say('people.notSignedIn', { why: error })}
        </p>
      )}
      <button type="submit" className="btn btn-lg btn-primary" disabled={signIn.isPending}>
        {say('people.signIn')}
      </button>
      <SignInByPasskey />
      <p className="text-sm opacity-80">{say('people.forgotten')}</p>
    </form>
  );
}
