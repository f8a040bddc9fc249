import { say } from '@idle-kettle/words';
import { SignUpDto } from '@idle-kettle/contract';
import { useForm, useWatch } from 'react-hook-form';
import { useSignUp } from '../api/who.ts';
import { Field } from '../ui/Field.tsx';
import { NotDone } from './NotDone.tsx';
import { contractResolver } from './contractResolver.ts';
import { faultAt, otherFault } from './faultAt.ts';
import { PassphraseField } from './PassphraseField.tsx';

const FIELDS = ['household', 'name', 'passphrase'] as const;

const resolver = contractResolver<SignUpDto>(SignUpDto, ({ household, name }) => [household, name]);

/** The first of a household becomes its keeper, in one go. */
export function SignUp() {
  const { register, handleSubmit, control, formState } = useForm<SignUpDto>({
    resolver,
    defaultValues: { household: '', name: '', passphrase: '' },
  });
  const { errors } = formState;
  const typed = useWatch({ control });
  const signUp = useSignUp();
  const error = otherFault(signUp.error, FIELDS);
  const onSubmit = handleSubmit((values) => signUp.mutate(values));
  return (
    <form
      onSubmit={(event) => void onSubmit(event)}
      noValidate
      aria-labelledby="sign-up-title"
      className="flex max-w-xl flex-col gap-4"
    >
      <div>
        <h2 id="sign-up-title" className="text-xl font-bold text-primary">
          {say('people.signUpTitle')}
        </h2>
        <p>{say('people.signUpWhy')}</p>
      </div>
      <Field
        label={say('people.householdName')}
        error={errors.household?.message ?? faultAt(signUp.error, 'household')}
        input={register('household')}
      />
      <Field
        label={say('people.yourName')}
        hint={say('people.yourNameHint')}
        error={errors.name?.message ?? faultAt(signUp.error, 'name')}
        input={register('name')}
      />
      <PassphraseField
        label={say('people.passphrase')}
        value={typed.passphrase ?? ''}
        error={errors.passphrase?.message ?? faultAt(signUp.error, 'passphrase')}
        input={register('passphrase')}
        measuredAgainst={[typed.household ?? '', typed.name ?? '']}
      />
      <NotDone why={error} />
      <button
        type="submit"
        className="btn self-start btn-lg btn-primary"
        disabled={signUp.isPending}
      >
        {say('people.becomeKeeper')}
      </button>
    </form>
  );
}
