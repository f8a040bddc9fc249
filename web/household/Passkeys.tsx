import { PasskeyWishDto, type Passkey } from '@idle-kettle/contract';
import { say } from '@idle-kettle/words';
import { useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { hasPasskeys, useAddPasskey, usePasskeys, useRemovePasskey } from '../api/passkeys.ts';
import { sayError } from '../api/request.ts';
import { ago } from './ago.ts';
import { browserInWords } from './browserInWords.ts';
import { contractResolver } from './contractResolver.ts';
import { faultAt, otherFault } from './faultAt.ts';
import { NotDone } from './NotDone.tsx';
import { PassphraseField } from './PassphraseField.tsx';

/** The passkeys of whoever is here, and one more where the browser can make it. */
export function Passkeys() {
  const passkeys = usePasskeys();
  const remove = useRemovePasskey();
  return (
    <section aria-labelledby="passkeys-title" className="flex flex-col gap-3">
      <h3 id="passkeys-title" className="font-bold">
        {say('people.passkeys')}
      </h3>
      <p>{say('people.passkeysWhy')}</p>
      {passkeys.data?.length === 0 && <p className="opacity-80">{say('people.noPasskeys')}</p>}
      <ul>
        {passkeys.data?.map((passkey) => (
          <li key={passkey.id} className="flex flex-wrap items-center gap-3 py-1">
            <span className="min-w-0 grow break-words">{lineOf(passkey)}</span>
            <button
              type="button"
              className="btn btn-outline"
              disabled={remove.isPending}
              onClick={() => remove.mutate(passkey)}
            >
              {say('people.removePasskey')}
            </button>
          </li>
        ))}
      </ul>
      <NotDone why={remove.error && sayError(remove.error)} />
      {hasPasskeys() ? <AddPasskey /> : <p>{say('people.passkeyNeedsName')}</p>}
    </section>
  );
}

function lineOf({ browser, since, usedAt }: Passkey): string {
  const made = { browser: browserInWords(browser), since: ago(since) };
  return usedAt === null
    ? say('people.passkeyUnused', made)
    : say('people.passkeyLine', { ...made, used: ago(usedAt) });
}

const resolver = contractResolver<PasskeyWishDto>(PasskeyWishDto);

/** Asks for the passphrase once more, then lets the browser make a passkey. */
function AddPasskey() {
  const [open, setOpen] = useState(false);
  const { register, handleSubmit, control, reset, formState } = useForm<PasskeyWishDto>({
    resolver,
    defaultValues: { passphrase: '' },
  });
  const passphrase = useWatch({ control, name: 'passphrase' });
  const add = useAddPasskey();
  const title = say('people.addPasskey');
  if (!open)
    return (
      <div className="flex flex-wrap items-center gap-3">
        <button type="button" className="btn self-start btn-outline" onClick={() => setOpen(true)}>
          {title}
        </button>
        {add.isSuccess && <p role="status">{say('people.passkeyAdded')}</p>}
      </div>
    );
  const onSubmit = handleSubmit((wish) =>
    add.mutate(wish, {
      onSuccess: () => {
        reset();
        setOpen(false);
      },
    }),
  );
  return (
    <form
      onSubmit={(event) => void onSubmit(event)}
      noValidate
      aria-label={title}
      className="flex max-w-md flex-col gap-4"
    >
      <PassphraseField
        label={say('people.passphrase')}
        value={passphrase}
        error={formState.errors.passphrase?.message ?? faultAt(add.error, 'passphrase')}
        input={register('passphrase')}
      />
      <NotDone why={otherFault(add.error, ['passphrase'])} />
      <div className="flex gap-3">
        <button type="submit" className="btn btn-primary" disabled={add.isPending}>
          {title}
        </button>
        <button type="button" className="btn btn-outline" onClick={() => setOpen(false)}>
          {say('people.cancel')}
        </button>
      </div>
    </form>
  );
}
