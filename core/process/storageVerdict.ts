import { type Text, message } from '@idle-kettle/words/message';
import { findIngredient } from '../ingredients/index.ts';
import { exactly, formatGrams, listed } from '../quantity/index.ts';
import { ACIDIFIED, roleOf, type Role } from './caps.ts';
import { isProcessed, keepingOf, type Keeping, type Verdict } from './keeping.ts';
import {
  meterFindings,
  NAMED,
  STRICT,
  familyOf,
  isInfused,
  isNamed,
  safetyContextOf,
  type SafetyContext,
} from './safetyContext.ts';
import {
  capFindings,
  fadingFindings,
  noProcessFindings,
  notAcidFindings,
  nutFindings,
  pHFindings,
  tooLittleFruitFindings,
  waterFindings,
} from './rules.ts';
import { curdFindings } from './rulesOfCurd.ts';
import { withLeastAcid } from './leastAcid.ts';
import { beyondLimits } from './limits.ts';
import { infusionFindings } from './rulesOfInfusion.ts';
import { jarFindings, unconfirmedFindings, unknownLineFindings } from './rulesOfJars.ts';
import { pepperFindings } from './rulesOfPeppers.ts';
import { capital, nameOf } from './messages.ts';
import { amountsOf } from './potAmounts.ts';
import { cannerMinutes, isInItsJars } from './cannerMinutes.ts';
import type { SafetyFinding, StorageCase, FormulaChange, StorageLine } from './storageCase.ts';

/** Where filled jars belong, for how long, and why. */
export type StorageVerdict = {
  readonly verdict: Verdict;
  /** Best quality within this many months, unopened. */
  readonly months: number;
  /** How long its jars keep, by where each is; `months` is of it. */
  readonly keeping: Keeping;
  readonly reasons: readonly Text[];
  /** Which rows stand against it, with the reason for each. */
  readonly decides: readonly { readonly row: string; readonly text: Text }[];
  /**
   * What would open the pantry, judged again to prove it; null where there is no such way, or it is
   * open.
   */
  readonly pantryFix: (FormulaChange & { readonly text: Text }) | null;
};

/**
 * Whether a processed jar may stand in the pantry: by what is in the pot and how much of it. Each
 * rule tells what stands against it and what would take that away; everything that stands against
 * it is listed. The sums’ pH, a meter and a name may stand against a pantry verdict, and can never
 * grant one: a formula that the cook names is `by-source` at best.
 */
export function storageVerdict(asked: StorageCase): StorageVerdict {
  const { found, ofPot, all, verdict } = judged(asked);
  const { product, solublesPct } = found;
  const keeping = keepingOf(
    { product, solublesPct: solublesPct ?? FULL_SUGAR_PCT, isAcid: ofPot.length === 0 },
    verdict,
  );
  return {
    verdict,
    months: keeping.unopenedMonths,
    keeping,
    reasons:
      all.length > 0
        ? [
            ...(verdict === 'by-source' ? reasonsBySource(found) : []),
            ...new Set(all.map(({ text }) => text)),
          ]
        : isProcessed(verdict)
          ? reasonsFor(passed(found))
          : [message(CHOSEN[verdict])],
    decides: all.flatMap(({ rows, text }) => rows.map((row) => ({ row, text }))),
    pantryFix: verdict === found.storeIn ? null : pantryFixFor(found, all),
  };
}

/** The verdict alone, by the same judging: without its reasons, and without the way back. */
export const verdictOf = (asked: StorageCase): Verdict => judged(asked).verdict;

/** What stands against a batch: by its pot, by that and its jars, and the verdict that follows. */
function judged(asked: StorageCase) {
  const found = { ...asked, lines: withLeastAcid(asked.lines) };
  const ofPot = findingsOf(found);
  const all = [...ofPot, ...jarFindings(safetyContextOf(found))];
  return { found, ofPot, all, verdict: placeOf(found, all.length === 0) };
}

/** Where jars go: where the cook wants them, and never to the pantry against a rule. */
function placeOf(found: StorageCase, isOpen: boolean): Verdict {
  const { storeIn } = found;
  if (isOpen) return storeIn ?? 'pantry';
  if (storeIn === null && isExcused(found)) return 'by-source';
  return storeIn === 'freezer' ? 'freezer' : 'fridge';
}

/** Whether the formula that the cook names may hold what stands against our own limits. */
const isExcused = (found: StorageCase): boolean =>
  isNamed(found.assurance) &&
  isInItsJars(found.assurance, found.largestJarMl) &&
  [...findingsOf(found, NAMED), ...jarFindings(safetyContextOf(found))].length === 0;

const CHOSEN = {
  fridge: 'process.youChoseTheFridge',
  freezer: 'process.youChoseTheFreezer',
} as const;

/** The batch in the family in which nothing stands against it. */
function passed(found: StorageCase): SafetyContext {
  const own = safetyContextOf(found);
  return findingsIn(own).length === 0
    ? own
    : safetyContextOf(found, STRICT, own.family === 'infusion' ? 'spread' : 'infusion');
}

/** Before there is a recipe, g per 100 g. */
const FULL_SUGAR_PCT = 65;

/**
 * All that stands against the pantry in the family that it belongs to; a jelly may pass as a fruit
 * jelly or as an infusion.
 */
function findingsOf(found: StorageCase, slack: number = STRICT): SafetyFinding[] {
  const own = findingsIn(safetyContextOf(found, slack));
  if (own.length === 0 || !isInfused(found.product)) return own;
  const other = findingsIn(
    safetyContextOf(found, slack, familyOf(found) === 'infusion' ? 'spread' : 'infusion'),
  );
  return other.length === 0 ? other : own;
}

/**
 * All that stands against a batch in one family: what the rules say, and what is beyond its table
 * and none of them has spoken of.
 */
function findingsIn(batch: SafetyContext): SafetyFinding[] {
  const said = ruledIn(batch);
  return [...said, ...beyondLimits(batch, said)];
}

function ruledIn(batch: SafetyContext): SafetyFinding[] {
  const { found } = batch;
  const noProcess = noProcessFindings(batch);
  const shared = [
    ...noProcess,
    ...fadingFindings(batch),
    ...meterFindings(found),
    ...unknownLineFindings(batch),
    ...unconfirmedFindings(batch),
  ];
  switch (batch.family) {
    case 'curd':
      return [...curdFindings(batch), ...shared, ...pHFindings(batch)];
    case 'pepper':
      return [
        ...pepperFindings(batch),
        ...notAcidFindings(batch),
        ...capFindings(batch),
        ...nutFindings(batch),
        ...shared,
        ...pHFindings(batch),
      ];
    case 'infusion':
      return [
        ...infusionFindings(batch),
        ...notAcidFindings(batch),
        ...shared,
        ...pHFindings(batch),
      ];
    case 'spread': {
      const notAcid = notAcidFindings(batch);
      const causes = [...notAcid, ...noProcess];
      const rest = causes.length === 0 ? batch : withoutWhatFollows(batch, causes);
      return [
        ...notAcid,
        ...BY_THE_FRUIT.flatMap((rule) => (rule(rest).length > 0 ? rule(batch) : [])),
        ...shared,
        ...(causes.length === 0 ? pHFindings(batch) : []),
      ];
    }
  }
}

/** Rules that go by how much acid fruit there is. */
const BY_THE_FRUIT = [tooLittleFruitFindings, waterFindings, capFindings, nutFindings] as const;

/**
 * The batch as if what is not acid in it were: what then still stands against it does so by itself.
 * Too little acid fruit, too much water beside it and a pH that may rise follow from fruit that is
 * not acid, and would only say the same again.
 */
const withoutWhatFollows = (
  batch: SafetyContext,
  causes: readonly SafetyFinding[],
): SafetyContext => ({
  ...batch,
  pot: amountsOf(
    batch.found.lines,
    new Set([...batch.acidified, ...causes.flatMap(({ rows }) => rows)]),
  ),
});

/** Most times that a way back is judged again, since one change may call for another. */
const MOST_STEPS = 4;

/**
 * One change that takes away all that stands against the pantry, judged again; null where something
 * has no way.
 */
function pantryFixFor(
  found: StorageCase,
  all: readonly SafetyFinding[],
): StorageVerdict['pantryFix'] {
  let left = all;
  const out = new Set<string>();
  const add = new Map<string, number>();
  for (let step = 0; step < MOST_STEPS && left.length > 0; step += 1) {
    if (left.some(({ pantryFix }) => pantryFix === null)) return null;
    const more = new Map<string, number>();
    for (const { pantryFix } of left) {
      for (const id of pantryFix?.leaveOut ?? []) out.add(id);
      for (const { id, grams } of pantryFix?.add ?? [])
        more.set(id, Math.max(grams, more.get(id) ?? 0));
    }
    for (const [id, grams] of more) add.set(id, grams + (add.get(id) ?? 0));
    const changed = { ...found, lines: changedLines(found.lines, out, add) };
    left = [...findingsOf(changed), ...jarFindings(safetyContextOf(changed))];
  }
  if (left.length > 0 || (out.size === 0 && add.size === 0)) return null;
  const change = { leaveOut: [...out], add: [...add].map(([id, grams]) => ({ id, grams })) };
  return { ...change, text: fixInWords(change) };
}

/** `leave out the garlic, and 650 g more 5 % vinegar` */
function fixInWords({ leaveOut, add }: FixedFormula): Text {
  const name = (id: string) => (id === 'vinegar' ? '5 % vinegar' : nameOf(id));
  const replaced = leaveOut.filter((out) => add.some(({ id }) => id === `${out}-bottled`));
  const gone = leaveOut.filter((out) => !replaced.includes(out)).map(name);
  return [
    ...(gone.length === 0 ? [] : [message('process.leaveOut', { names: listed(gone) })]),
    ...add.map(({ id, grams }) =>
      replaced.includes(id.replace(/-bottled$/, ''))
        ? message('process.inPlaceOfTheFresh', { grams: formatGrams(grams), name: name(id) })
        : message('process.moreOf', { grams: formatGrams(grams), name: name(id) }),
    ),
  ].reduce((one, other) => message('process.oneAndAnother', { one, other }));
}

type FixedFormula = {
  readonly leaveOut: readonly string[];
  readonly add: readonly { readonly id: string; readonly grams: number }[];
};

function changedLines(
  lines: readonly StorageLine[],
  out: ReadonlySet<string>,
  add: ReadonlyMap<string, number>,
): StorageLine[] {
  const more = [...add].flatMap(([id, grams]) => {
    const ingredient = findIngredient(id);
    return ingredient === null ? [] : [{ ingredient, massG: exactly(grams) }];
  });
  return [...lines.filter(({ ingredient }) => !out.has(ingredient.id)), ...more];
}

/**
 * The reasons of a `by-source` verdict: the formula, its minutes, and that our own limits are
 * stricter.
 */
function reasonsBySource({ process, assurance }: StorageCase): Text[] {
  const minutes = cannerMinutes('by-source', process?.minutes ?? 0, assurance);
  return [
    message('process.asPrintedIn', {
      testedFormula: assurance.testedFormula,
      part: assurance.source === null ? '' : message('process.from', { source: assurance.source }),
    }),
    minutes === null
      ? message('process.onlyWhenProcessedInThe')
      : message('process.onlyWhenProcessedForTheLonger', { minutes }),
    message('process.ourLimitsSay'),
  ];
}

function reasonsFor({ found, family, acidified }: SafetyContext): Text[] {
  const { process, assurance } = found;
  const processed = message('process.onlyWhenProcessedInTheJars', {
    minutes: cannerMinutes('pantry', process?.minutes ?? 0, assurance) ?? 0,
    part: message('process.atThisAltitude'),
  });
  switch (family) {
    case 'curd':
      return [
        message('process.lemonOrLimeCurdWith'),
        message('process.haveTheCannersWaterAt', { processed }),
      ];
    case 'pepper':
      return [message('process.pepperJellyWithEnough5'), processed];
    case 'infusion':
      return [message('process.anInfusionWithEnoughBottled'), processed];
    case 'spread': {
      const rowsOf = (...roles: readonly Role[]) =>
        found.lines
          .map(({ ingredient }) => ingredient)
          .filter((row) => roles.includes(roleOf(row)));
      const fruits = rowsOf('acid-fruit');
      // Of a spread without other fruit, the juice of lemons or limes is the fruit.
      const acid = fruits.length > 0 || acidified.size > 0 ? fruits : rowsOf('citrus-juice');
      const sour = [...new Set(acid.map(({ name }) => name))];
      const made = [...acidified].map(nameOf);
      const published = [...acidified].map((id) => ACIDIFIED[id]?.published ?? '').join('; ');
      return [
        message('process.withNothingInThePot', {
          capital: capital(listed([...sour, ...made])),
          part:
            made.length > 0
              ? message('process.withEnoughAcid', { published })
              : message('process.highAcidFruit'),
        }),
        processed,
      ];
    }
  }
}
