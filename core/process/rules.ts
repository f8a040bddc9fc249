import { eitherMass } from '../quantity/index.ts';
import { message } from '@idle-kettle/words/message';
import type { Ingredient } from '../ingredients/index.ts';
import {
  ACIDIFIED,
  CAPS,
  DRIED_TAKES_UP,
  HIGH_ACID_PH,
  INFUSION,
  LEAST_ACID_FRUIT,
  MOST_WATER,
  MOST_ZEST,
  NEVER,
  PEPPERS,
  roleOf,
} from './caps.ts';
import { mostOf } from './limits.ts';
import { type SafetyContext, ACIDIFIED_PRODUCTS, liquidOf, EXACT } from './safetyContext.ts';
import type { PotAmounts } from './potAmounts.ts';
import {
  safetyFinding,
  capital,
  names,
  share,
  BY_THE_OTHERS,
  leaveOut,
  addMore,
} from './messages.ts';
import type { SafetyFinding, StorageCase } from './storageCase.ts';
import { worstPH } from './worstPH.ts';

/**
 * Pumpkin and squash, dairy, starch, oil, meat, chocolate: nothing that holds them may stand in a
 * pantry.
 */
export function noProcessFindings({ found, family }: SafetyContext): SafetyFinding[] {
  const rows = new Map(found.lines.map(({ ingredient }) => [ingredient.id, ingredient]));
  return [...rows.values()].flatMap((row) => {
    if (NEVER.has(row.id)) {
      return [
        safetyFinding(message('process.hasNoSafeHomeCanning', { capital: capital(row.name) }), [
          row.id,
        ]),
      ];
    }
    const role = roleOf(row);
    const isBarred = role === 'barred' || (role === 'egg' && family !== 'curd');
    return isBarred
      ? [
          safetyFinding(
            row.kind !== 'fruit' && row.noShelf !== undefined
              ? message(row.noShelf)
              : message('process.isntUsedInAnySpread', { capital: capital(row.name) }),
            [row.id],
            isMostly(found, row) ? null : leaveOut([row.id]),
          ),
        ]
      : [];
  });
}

/** Whether a batch is made of this row: leaving it out would leave nothing. */
const isMostly = ({ lines }: StorageCase, row: Ingredient): boolean => {
  const mass = (which: (id: string) => boolean) =>
    lines
      .filter(({ ingredient }) => which(ingredient.id) && ingredient.kind !== 'sweetener')
      .reduce((sum, { massG }) => sum + massG.typical, 0);
  return mass((id) => id === row.id) >= mass((id) => id !== row.id);
};

/** Nuts: up to a tenth of the fruit in a conserve, none elsewhere. */
export function nutFindings(batch: SafetyContext): SafetyFinding[] {
  const { found, pot } = batch;
  const nuts = pot.of('nut');
  if (nuts === 0) return [];
  const most = mostOf(batch, 'nut');
  if (nuts <= most / EXACT) return [];
  const rows = pot.rowsOf('nut');
  return [
    safetyFinding(
      found.product === 'conserve'
        ? message('process.toOfFruitAConserve', {
            capital: capital(names(rows)),
            grams: eitherMass(nuts),
            grams2: eitherMass(pot.acidFruit),
            grams3: eitherMass(most),
          })
        : message('process.nutsAreFineForThe', { capital: capital(names(rows)) }),
      rows,
      leaveOut(rows),
    ),
  ];
}

/**
 * Fruit and vegetables that are not reliably acid, but for those with acid enough by a published
 * formula.
 */
export function notAcidFindings({
  found,
  pot,
  acidified,
  family,
  slack,
}: SafetyContext): SafetyFinding[] {
  const rows = new Map(found.lines.map(({ ingredient }) => [ingredient.id, ingredient]));
  return [...rows.values()].flatMap((row) => {
    const role = roleOf(row);
    const isGreen = role === 'pepper' || role === 'allium';
    if ((role !== 'not-acid' && !isGreen) || NEVER.has(row.id) || acidified.has(row.id)) return [];
    if (isGreen && family === 'pepper') return [];
    const published = ACIDIFIED[row.id];
    if (published !== undefined && ACIDIFIED_PRODUCTS.has(found.product)) {
      const have = pot.bottled + (published.by === 'bottled' ? 0 : pot.vinegar);
      const need = (published.least / slack) * pot.ofRow(row.id);
      return [
        safetyFinding(
          message('process.isntReliablyAcidOfBottled', {
            capital: capital(row.name),
            grams: eitherMass(have),
            grams2: eitherMass(pot.ofRow(row.id)),
            grams3: eitherMass(need),
            published: published.published,
          }),
          [row.id],
          addMore('lemon-juice-bottled', need - have),
        ),
      ];
    }
    return [
      safetyFinding(
        message('process.itHasNoTestedCanning', {
          capital: capital(row.name),
          part:
            row.acidClass === 'borderline'
              ? message('process.isntReliablyAcid')
              : message('process.isALowAcidFood2'),
        }),
        [row.id],
        isMostly(found, row) ? null : leaveOut([row.id]),
      ),
    ];
  });
}

/** Acid fruit and its juice are at least half of all but sugar, pectin and water. */
export function tooLittleFruitFindings({ pot }: SafetyContext): SafetyFinding[] {
  if (pot.acidFruit === 0) {
    return [safetyFinding(message('process.noKnownAcidFruitIs'), [], BY_THE_OTHERS)];
  }
  if (pot.acidFruit >= LEAST_ACID_FRUIT * pot.others * EXACT) return [];
  return [
    safetyFinding(
      message('process.acidFruitAndItsJuice', { share: share(pot.acidFruit, pot.others) }),
      pot.rowsOf('acid-fruit', 'citrus-juice'),
      BY_THE_OTHERS,
    ),
  ];
}

/**
 * Water that is added, at most as much as the fruit; cranberry sauce half as much again, marmalade
 * three times.
 */
export function waterFindings({ found, pot, slack }: SafetyContext): SafetyFinding[] {
  const water = pot.of('water');
  const times = slack * waterTimes(found.product, pot);
  const most = times * pot.acidFruit + DRIED_TAKES_UP * pot.driedFruit;
  if (water <= most / EXACT || pot.acidFruit === 0) return [];
  return [
    safetyFinding(
      message('process.ofWaterToOfAcid', {
        grams: eitherMass(water),
        grams2: eitherMass(pot.acidFruit),
        grams3: eitherMass(most),
      }),
      pot.rowsOf('water'),
      addMoreFruit(found, (water - most) / times),
    ),
  ];
}

/** How many times its fruit a product may hold in water. */
function waterTimes(product: StorageCase['product'], pot: PotAmounts): number {
  if (product === 'marmalade') return MOST_WATER.marmalade;
  if (product === 'sauce') return MOST_WATER.sauce;
  const isDripped = product === 'jelly' && pot.wholeFruit > pot.acidFruit / 2;
  return isDripped ? MOST_WATER.jellyOfWholeFruit : MOST_WATER.usual;
}

/** More of the acid fruit that is most of the batch. */
function addMoreFruit({ lines }: StorageCase, more: number): SafetyFinding['pantryFix'] {
  const fruits = lines.filter(({ ingredient }) => roleOf(ingredient) === 'acid-fruit');
  const main = fruits.toSorted((a, b) => b.massG.typical - a.massG.typical)[0]?.ingredient;
  return main === undefined ? null : addMore(main.id, more);
}

/** Herbs, spices, spirits, butter, zest: each up to its cap. */
export function capFindings(batch: SafetyContext): SafetyFinding[] {
  const { pot } = batch;
  const capped = CAPS.flatMap(({ role, most, of, name }) => {
    const have = pot.of(role);
    const may = mostOf(batch, role);
    if (have <= may / EXACT || have === 0) return [];
    const rows = pot.rowsOf(role);
    return [
      safetyFinding(
        message('process.theLimitForIsOf', {
          capital: capital(names(rows)),
          grams: eitherMass(have),
          name,
          share: share(most, 1),
          of,
          grams2: eitherMass(may),
        }),
        rows,
        leaveOut(rows),
      ),
    ];
  });
  const zest = pot.of('zest');
  const mayZest = mostOf(batch, 'zest');
  if (zest <= mayZest / EXACT) return capped;
  const rows = pot.rowsOf('zest');
  return [
    ...capped,
    safetyFinding(
      message('process.outsideMarmaladeTheLimitIs', {
        capital: capital(names(rows)),
        grams: eitherMass(zest),
        share: share(MOST_ZEST, 1),
        grams2: eitherMass(mayZest),
      }),
      rows,
      leaveOut(rows),
    ),
  ];
}

/** Sweeteners that fade or turn bitter in the canner. */
export function fadingFindings({ found }: SafetyContext): SafetyFinding[] {
  const rows = found.lines.filter(
    ({ ingredient }) => ingredient.kind === 'sweetener' && ingredient.fadesInHeat === true,
  );
  return rows.length === 0
    ? []
    : [
        safetyFinding(message('process.itsSweetenerFadesOrTurns'), [
          ...new Set(rows.map(({ ingredient }) => ingredient.id)),
        ]),
      ];
}

/** The sums’ pH with every row at its unfavourable end. It can only stand against. */
export function pHFindings({ found, pot, family }: SafetyContext): SafetyFinding[] {
  const limit =
    family === 'pepper' ? PEPPERS.mostPH : family === 'infusion' ? INFUSION.mostPH : HIGH_ACID_PH;
  const pH = worstPH(found.lines);
  if (pH === null) {
    return family === 'spread' || pot.all === 0
      ? []
      : [safetyFinding(message('process.nothingInItIsSour'), [])];
  }
  if (pH < limit) return [];
  return [
    safetyFinding(
      limit === HIGH_ACID_PH
        ? message('process.itsCalculatedPhMayReach', { pH: pH.toFixed(1) })
        : message('process.itsCalculatedPhMayReachThis', {
            pH: pH.toFixed(1),
            limit: limit.toFixed(1),
          }),
      [],
      family === 'infusion'
        ? addMore('lemon-juice-bottled', Math.max(15, liquidOf(pot) * INFUSION.leastAcid))
        : BY_THE_OTHERS,
    ),
  ];
}
