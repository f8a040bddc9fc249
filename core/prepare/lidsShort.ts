import { message, type Text } from '@idle-kettle/words/message';
import type { Plan } from '../plan/index.ts';

/**
 * A size of jar, and how many new lids there are for it; null or absent where nobody counts them.
 */
export type CountedLids = { readonly name: string; readonly lids?: number | null };

/** What is lacking of one size. */
export type LidsShort = { readonly name: string; readonly short: number };

/**
 * New lids that a good outcome would want and the kitchen has not: one for every full jar, none for
 * the part jar, which goes to the fridge under any lid. Lids that nobody counts are not lacking,
 * and what is not for the canner wants no new ones.
 */
export const lidsShort = (
  { yield: jars, process }: Pick<Plan, 'yield' | 'process'>,
  kitchen: readonly CountedLids[],
): readonly LidsShort[] =>
  jars === undefined || process.method === 'none'
    ? []
    : jars.sizes.flatMap(({ name, good }) => {
        const lids = kitchen.find((one) => one.name === name)?.lids ?? good;
        return lids < good ? [{ name, short: good - lids }] : [];
      });

const NUMBERS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'];

/** `You are three lids short for half-pints, if it goes well.` */
export const lidsShortInWords = ({ name, short }: LidsShort): Text =>
  message('prepare.youAreShortForS', {
    value: NUMBERS[short] ?? short,
    part: short === 1 ? 'lid' : 'lids',
    name,
  });
