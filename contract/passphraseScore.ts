/** Of 0 to 4, as the meter counts: at least 10⁸ guesses. */
export const LEAST_SCORE = 3;

type Meter = (passphrase: string, known: readonly string[]) => number;

let meter: Promise<Meter> | null = null;

/** The meter, with its lists of words that people choose: loaded when it is first needed. */
async function load(): Promise<Meter> {
  const [{ ZxcvbnFactory }, common, english] = await Promise.all([
    import('@zxcvbn-ts/core'),
    import('@zxcvbn-ts/language-common'),
    import('@zxcvbn-ts/language-en'),
  ]);
  const zxcvbn = new ZxcvbnFactory({
    dictionary: { ...common.dictionary, ...english.dictionary },
    graphs: common.adjacencyGraphs,
  });
  return (passphrase, known) => zxcvbn.check(passphrase, [...known]).score;
}

/**
 * How hard a passphrase is to guess, from 0 to 4, as the zxcvbn estimator has it.
 * @param known what whoever guesses would try first: names that it could be made of
 */
export async function passphraseScore(
  passphrase: string,
  known: readonly string[],
): Promise<number> {
  meter ??= load();
  return (await meter)(passphrase, known);
}
