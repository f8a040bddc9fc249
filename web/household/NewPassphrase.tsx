import { say } from '@idle-kettle/words';
import { PassphraseDto } from '@idle-kettle/contract';
import { useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { useSetPassphrase } from '../api/who.ts';
import { NotDone } from './NotDone.tsx';
import { contractResolver } from './contractResolver.ts';
import { faultAt, otherFault } from './faultAt.ts';
import { PassphraseField } from './PassphraseField.tsx';

type Props = {
  readonly id: string;
  readonly name: string;
  /** Whether the one until now is asked for: everywhere but at the machine itself. */
  readonly asksCurrent?: boolean;
};

/** Another passphrase for a member, opened where it is asked for. */
export function NewPassphrase({ id, name, asksCurrent = false }: Props) {
  const [open, setOpen] = useState(false);
  const { register, handleSubmit, control, reset, formState } = useForm<PassphraseDto>({
    resolver: contractResolver<PassphraseDto>(PassphraseDto, () => [name]),
    defaultValues: { current: '', passphrase: '' },
  });
  const typed = useWatch({ control });
  const set = useSetPassphrase();
  const error = otherFault(set.error, ['current', 'passphrase']);
  const title = asksCurrent
    ? say('people.changePassphrase')
    : say('people.newPassphraseOf', { name });
  if (!open)
    return (
      <div className="flex flex-wrap items-center gap-3">
        <button type="button" className="btn self-start btn-outline" onClick={() => setOpen(true)}>
          {title}
        </button>
        {set.isSuccess && <p role="status">{say('people.changed')}</p>}
      </div>
    );
  const onSubmit = handleSubmit(({ current, passphrase }) =>
    set.mutate(
      { id, passphrase, ...(asksCurrent ? { current: current ?? '' } : {}) },
      {
        onSuccess: () => {
          reset();
          setOpen(false);
        },
      },
    ),
  );
  return (
    <form
      onSubmit={(event) => void onSubmit(event)}
      noValidate
      aria-label={title}
      className="flex max-w-md flex-col gap-4"
    >
      {asksCurrent && (
        <PassphraseField
          label={say('people.current')}
          value={typed.current ?? ''}
          error={faultAt(set.error, 'current')}
          input={register('current')}
        />
      )}
      <PassphraseField
        label={asksCurrent ? say('people.newPassphrase') : title}
        value={typed.passphrase ?? ''}
        error={formState.errors.passphrase?.message ?? faultAt(set.error, 'passphrase')}
        input={register('passphrase')}
        measuredAgainst={[name]}
      />
      <NotDone why={error} />
      <div className="flex gap-3">
        <button type="submit" className="btn btn-primary" disabled={set.isPending}>
          {say('people.change')}
        </button>
        <button type="button" className="btn btn-outline" onClick={() => setOpen(false)}>
          {say('people.keep')}
        </button>
      </div>
    </form>
  );
}
