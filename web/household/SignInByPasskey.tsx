import { say } from '@idle-kettle/words';
import { KeyRound } from 'lucide-react';
import { hasPasskeys, useSignInByPasskey } from '../api/passkeys.ts';
import { sayError } from '../api/request.ts';

/** Whoever has a passkey needs neither name nor passphrase. */
export function SignInByPasskey() {
  const signIn = useSignInByPasskey();
  if (!hasPasskeys()) return null;
  return (
    <>
      {signIn.error && (
        <p role="alert" className="text-error">
          {sayError(signIn.error)}
        </p>
      )}
      <button
        type="button"
        className="btn btn-outline btn-lg"
        disabled={signIn.isPending}
        onClick={() => signIn.mutate()}
      >
        <KeyRound aria-hidden className="size-5" />
        {say('people.signInByPasskey')}
      </button>
    </>
  );
}
