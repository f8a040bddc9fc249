import { LEAST_PASSPHRASE } from '@idle-kettle/contract';
import { LEAST_SCORE, passphraseScore } from '@idle-kettle/contract/passphraseScore';
import { message } from '@idle-kettle/words/message';
import { BadInput } from '../problem/errors.ts';

/**
 * Throws {@link BadInput} for a passphrase that is guessed soon.
 * @param known what whoever guesses would try first: names that it could be made of
 */
export async function mustBeStrong(passphrase: string, known: readonly string[]): Promise<void> {
  if ((await passphraseScore(passphrase, known)) >= LEAST_SCORE) return;
  throw new BadInput([
    {
      field: 'passphrase',
      message: message('problems.weakPassphrase', { least: LEAST_PASSPHRASE }),
    },
  ]);
}
