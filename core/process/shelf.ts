import { findIngredient } from '../larder/index.ts';
import { exactly, formatGrams, listed } from '../quantity/index.ts';
import { ACIDIFIED, METER_PH, roleOf, type Role } from './caps.ts';
import { keepingOf } from './keeping.ts';
import { againstMeter, familyOf, isInfused, isNamed, judged, type Judged } from './judged.ts';
import {
  againstCaps,
  againstFading,
  againstNoProcess,
  againstNotAcid,
  againstNuts,
  againstPH,
  againstTooLittleFruit,
  againstWater,
} from './rules.ts';
import { againstCurd } from './rulesOfCurd.ts';
import { againstInfusion } from './rulesOfInfusion.ts';
import { againstJars } from './rulesOfJars.ts';
import { againstPeppers } from './rulesOfPeppers.ts';
import { capital, nameOf } from './saying.ts';
import type { Against, ShelfCase, ShelfChange, ShelfLine } from './shelfCase.ts';

/** Where filled jars belong, for how long, and why. */
export type ShelfVerdict = {
  readonly verdict: 'pantry' | 'fridge' | 'freezer';
  /** Best quality within this many months, unopened. */
  readonly months: number;
  readonly reasons: readonly string[];
  /** Which rows stand against it, with the reason for each. */
  readonly decides: readonly { readonly row: string; readonly text: string }[];
  /** What would open the pantry, judged again to prove it; null where there is no such way, or it is open. */
  readonly way: (ShelfChange & { readonly text: string }) | null;
};

/**
 * Whether a processed jar may stand in the pantry: by what is in the pot and how much of it. Each rule tells what
 * stands against it and what would take that away; everything that stands against it is listed. The sums’ pH may stand
 * against a pantry verdict, and can never grant one.
 */
export function shelfVerdict(found: ShelfCase): ShelfVerdict {
  const all = againstOf(found);
  const verdict = all.length > 0 ? 'fridge' : 'pantry';
  return {
    verdict,
    months: keepingOf(found.product, verdict, FULL_SUGAR_PCT).unopenedMonths,
    reasons: all.length > 0 ? [...new Set(all.map(({ text }) => text))] : reasonsFor(passed(found)),
    decides: all.flatMap(({ rows, text }) => rows.map((row) => ({ row, text }))),
    way: wayBack(found, all),
  };
}

/** The batch in the family in which nothing stands against it. */
function passed(found: ShelfCase): Judged {
  const own = judged(found);
  return againstIn(own).length === 0
    ? own
    : judged(found, own.family === 'infusion' ? 'spread' : 'infusion');
}

/** Months do not go by the sugar. */
const FULL_SUGAR_PCT = 65;

/** All that stands against the pantry in the family that it belongs to; a jelly may pass as a fruit jelly or as an infusion. */
function againstOf(found: ShelfCase): Against[] {
  const own = againstIn(judged(found));
  if (own.length === 0 || !isInfused(found.product)) return own;
  const other = againstIn(judged(found, familyOf(found) === 'infusion' ? 'spread' : 'infusion'));
  return other.length === 0 ? other : own;
}

function againstIn(batch: Judged): Against[] {
  const { found } = batch;
  const shared = [
    ...againstNoProcess(batch),
    ...againstFading(batch),
    ...againstMeter(found),
    ...againstJars(batch),
  ];
  switch (batch.family) {
    case 'curd':
      return [...againstCurd(batch), ...shared, ...againstPH({ ...batch, assured: false })];
    case 'pepper':
      return [
        ...againstPeppers(batch),
        ...againstNotAcid(batch),
        ...againstCaps(batch),
        ...againstNuts(batch),
        ...shared,
        ...againstPH(batch),
      ];
    case 'infusion':
      return [...againstInfusion(batch), ...againstNotAcid(batch), ...shared, ...againstPH(batch)];
    case 'spread':
      return [
        ...againstNotAcid(batch),
        ...againstTooLittleFruit(batch),
        ...againstWater(batch),
        ...againstCaps(batch),
        ...againstNuts(batch),
        ...shared,
        ...againstPH(batch),
      ];
  }
}

/** Most times that a way back is judged again, since one change may call for another. */
const MOST_STEPS = 4;

/** One change that takes away all that stands against the pantry, judged again; null where something has no way. */
function wayBack(found: ShelfCase, all: readonly Against[]): ShelfVerdict['way'] {
  let left = all;
  const out = new Set<string>();
  const add = new Map<string, number>();
  for (let step = 0; step < MOST_STEPS && left.length > 0; step += 1) {
    if (left.some(({ way }) => way === null)) return null;
    const more = new Map<string, number>();
    for (const { way } of left) {
      for (const id of way?.leaveOut ?? []) out.add(id);
      for (const { id, grams } of way?.add ?? []) more.set(id, Math.max(grams, more.get(id) ?? 0));
    }
    for (const [id, grams] of more) add.set(id, grams + (add.get(id) ?? 0));
    left = againstOf({ ...found, lines: changedLines(found.lines, out, add) });
  }
  if (left.length > 0 || (out.size === 0 && add.size === 0)) return null;
  const change = { leaveOut: [...out], add: [...add].map(([id, grams]) => ({ id, grams })) };
  return { ...change, text: wayInWords(change) };
}

/** `leave out the garlic, and 650 g more 5 % vinegar` */
function wayInWords({
  leaveOut,
  add,
}: {
  leaveOut: readonly string[];
  add: readonly { id: string; grams: number }[];
}): string {
  const name = (id: string) => (id === 'vinegar' ? '5 % vinegar' : nameOf(id));
  const replaced = leaveOut.filter((out) => add.some(({ id }) => id === `${out}-bottled`));
  const gone = leaveOut.filter((out) => !replaced.includes(out)).map(name);
  return [
    ...(gone.length === 0 ? [] : [`leave out the ${gone.join(' and the ')}`]),
    ...add.map(({ id, grams }) =>
      replaced.includes(id.replace(/-bottled$/, ''))
        ? `${formatGrams(grams)} ${name(id)} in place of the fresh`
        : `${formatGrams(grams)} more ${name(id)}`,
    ),
  ].join(', and ');
}

function changedLines(
  lines: readonly ShelfLine[],
  out: ReadonlySet<string>,
  add: ReadonlyMap<string, number>,
): ShelfLine[] {
  const more = [...add].flatMap(([id, grams]) => {
    const ingredient = findIngredient(id);
    return ingredient === null ? [] : [{ ingredient, massG: exactly(grams) }];
  });
  return [...lines.filter(({ ingredient }) => !out.has(ingredient.id)), ...more];
}

function reasonsFor({ found, family, acidified }: Judged): string[] {
  const { process, assurance } = found;
  const named = isNamed(assurance);
  const minutes = named ? assurance.minutes : (process?.minutes ?? 0);
  const processed =
    minutes === null
      ? 'Only when processed in the jars for the time printed in it, corrected for this altitude as it says.'
      : `Only when processed in the jars: ${minutes} minutes ${named ? 'as you say that it prints' : 'at this altitude'}.`;
  if (named) {
    return [
      `You say that it is exactly “${assurance.testedFormula}”${assurance.source === null ? '' : `, from ${assurance.source}`}, a tested formula. Change nothing of it.`,
      processed,
    ];
  }
  if (assurance.meterPH !== null) {
    return [
      `Your calibrated meter read pH ${assurance.meterPH.toFixed(2)}, ${METER_PH} or below. Test every batch.`,
      processed,
    ];
  }
  switch (family) {
    case 'curd':
      return [
        'Lemon or lime curd of bottled juice, in half-pints or smaller: a tested family. It keeps 3 to 4 months.',
        `${processed} The canner’s water is at 82 °C (180 °F) when the jars go in.`,
      ];
    case 'pepper':
      return [
        'Pepper jelly with enough 5 % vinegar: a tested family. Never reduce the vinegar.',
        processed,
      ];
    case 'infusion':
      return [
        'An infusion with bottled lemon juice or 5 % vinegar enough: a tested family. Never reduce the acid.',
        processed,
      ];
    case 'spread': {
      const rowsOf = (...roles: readonly Role[]) =>
        found.lines
          .map(({ ingredient }) => ingredient)
          .filter((row) => roles.includes(roleOf(row)));
      const fruits = rowsOf('acid-fruit');
      // Of a spread without other fruit, the juice of lemons or limes is the fruit.
      const acid = fruits.length > 0 || acidified.size > 0 ? fruits : rowsOf('citrus-juice');
      const sour = [...new Set(acid.map(({ name }) => name))];
      const made = [...acidified].map(
        (id) => `${nameOf(id)} with acid enough (${ACIDIFIED[id]?.published ?? ''})`,
      );
      return [
        `${capital(listed([...sour, ...made]))}${sour.length > 0 ? ': high-acid fruit' : ': as published'}, with nothing in the pot that takes it out of that class.`,
        processed,
      ];
    }
  }
}
