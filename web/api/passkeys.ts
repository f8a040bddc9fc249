import type { Passkey, Who } from '@idle-kettle/contract';
import { say } from '@idle-kettle/words';
import type {
  PublicKeyCredentialCreationOptionsJSON,
  PublicKeyCredentialRequestOptionsJSON,
} from '@simplewebauthn/browser';
import { useMutation, useQuery } from '@tanstack/react-query';
import { request } from './request.ts';
import { anew, AUDIT, useWrite } from './who.ts';

const PASSKEYS = ['passkeys'];

/** Whether this browser has passkeys, and the kitchen a name that one can belong to. */
export const hasPasskeys = (): boolean =>
  'PublicKeyCredential' in window && !/^[\d.]+$|^\[/.test(location.hostname);

/** The package that speaks with the browser’s authenticator, fetched once somebody wants it. */
const authenticator = () => import('@simplewebauthn/browser');

/** What an authenticator answers; a plain sentence where it does not. */
async function answerOf<Answer>(
  ask: () => Promise<Answer>,
  told: (error: unknown) => string,
): Promise<{ readonly answer: Answer }> {
  try {
    return { answer: await ask() };
  } catch (error) {
    throw new Error(told(error), { cause: error });
  }
}

export const usePasskeys = () =>
  useQuery({ queryKey: PASSKEYS, queryFn: () => request<Passkey[]>('/passkeys') });

/** Makes a passkey on this device, and has it kept. */
export const useAddPasskey = () =>
  useWrite<{ readonly passphrase: string }>(
    async (wish) => {
      const optionsJSON = await request<PublicKeyCredentialCreationOptionsJSON>(
        '/passkeys/options',
        'POST',
        wish,
      );
      const { startRegistration, WebAuthnError } = await authenticator();
      const made = await answerOf(
        () => startRegistration({ optionsJSON }),
        (error) =>
          error instanceof WebAuthnError &&
          error.code === 'ERROR_AUTHENTICATOR_PREVIOUSLY_REGISTERED'
            ? say('people.passkeyAlready')
            : say('people.passkeyNotMade'),
      );
      return request('/passkeys', 'POST', made);
    },
    [PASSKEYS, AUDIT],
  );

export const useRemovePasskey = () =>
  useWrite<Passkey>(({ id }) => request(`/passkeys/${id}`, 'DELETE'), [PASSKEYS, AUDIT]);

export const useSignInByPasskey = () =>
  useMutation<Who, Error, void>({
    mutationFn: async () => {
      const optionsJSON = await request<PublicKeyCredentialRequestOptionsJSON>(
        '/sign-in/passkey/options',
        'POST',
      );
      const { startAuthentication } = await authenticator();
      const given = await answerOf(
        () => startAuthentication({ optionsJSON }),
        () => say('people.passkeyNotUsed'),
      );
      return request('/sign-in/passkey', 'POST', given);
    },
    onSuccess: anew,
  });
