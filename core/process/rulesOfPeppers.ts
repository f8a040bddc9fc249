import { eitherMass } from '../quantity/index.ts';
import { message } from '@idle-kettle/words/message';
import { DRIED_PEPPERS, FRESH_OVER_DRIED, PEPPERS } from './caps.ts';
import { type SafetyContext, EXACT } from './safetyContext.ts';
import { safetyFinding, addMore } from './messages.ts';
import type { SafetyFinding } from './storageCase.ts';

/**
 * Pepper jelly: 5 % vinegar to all that is green in it, no more water than vinegar, solids of half
 * and more, half-pints.
 */
export function pepperFindings({ found, pot }: SafetyContext): SafetyFinding[] {
  const peppers = pot.of('pepper') + FRESH_OVER_DRIED * pot.ofRow(...DRIED_PEPPERS);
  const tooFew =
    peppers >= PEPPERS.leastPeppers * pot.greens * EXACT
      ? []
      : [
          safetyFinding(
            message('process.aPepperJellyIsOfPeppers', {
              grams: eitherMass(peppers),
              grams2: eitherMass(pot.greens),
            }),
            pot.rowsOf('allium', 'fresh-herb'),
          ),
        ];
  const need = PEPPERS.leastVinegar * pot.greens;
  const water = pot.of('water');
  const sugar = pot.of('sweetener');
  const needSugar = PEPPERS.leastSugar * (pot.greens + pot.vinegar);
  const solids = found.solublesPct;
  const greens = pot.rowsOf('pepper', 'allium', 'fresh-herb');
  return [
    ...tooFew,
    ...(pot.vinegar < need * EXACT
      ? [
          safetyFinding(
            message('process.peppersAreLowAcidAnd', {
              grams: eitherMass(pot.vinegar),
              grams2: eitherMass(pot.greens),
              grams3: eitherMass(need),
            }),
            greens,
            addMore('vinegar', need - pot.vinegar),
          ),
        ]
      : []),
    ...(water > (PEPPERS.mostWaterOverVinegar * pot.vinegar) / EXACT
      ? [
          safetyFinding(
            message('process.ofWaterDilutesOfVinegar', {
              grams: eitherMass(water),
              grams2: eitherMass(pot.vinegar),
            }),
            pot.rowsOf('water'),
            addMore('vinegar', water - pot.vinegar),
          ),
        ]
      : []),
    ...(sugar < needSugar * EXACT
      ? [
          safetyFinding(
            message('process.tooLittleSugarForPeppers', {
              grams: eitherMass(sugar),
              grams2: eitherMass(pot.greens + pot.vinegar),
              grams3: eitherMass(needSugar),
            }),
            pot.rowsOf('sweetener'),
            addMore('sugar', needSugar - sugar),
          ),
        ]
      : []),
    ...(solids !== null && solids < PEPPERS.leastSolublesPct - 0.5
      ? [
          safetyFinding(
            message('process.itEndsAtSolubleSolids', {
              round: Math.round(solids),
              leastSolublesPct: PEPPERS.leastSolublesPct,
            }),
            pot.rowsOf('sweetener'),
          ),
        ]
      : []),
  ];
}
