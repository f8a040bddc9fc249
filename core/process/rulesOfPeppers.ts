import { PEPPERS } from './caps.ts';
import { type SafetyContext, EXACT } from './safetyContext.ts';
import { safetyFinding, grams, addMore } from './messages.ts';
import type { SafetyFinding } from './storageCase.ts';

/** Pepper jelly: 5 % vinegar to all that is green in it, no more water than vinegar, solids of half and more, half-pints. */
export function pepperFindings({ found, pot, isAssured }: SafetyContext): SafetyFinding[] {
  if (isAssured) return [];
  const need = PEPPERS.leastVinegar * pot.greens;
  const water = pot.of('water');
  const solids = found.solublesPct;
  const greens = pot.rowsOf('pepper', 'allium', 'fresh-herb');
  return [
    ...(pot.vinegar < need * EXACT
      ? [
          safetyFinding(
            `Peppers are a low-acid food, and there is too little 5 % vinegar: ${grams(pot.vinegar)} to ${grams(pot.greens)} of peppers, onion, garlic and herbs, where at least ${grams(need)} is wanted.`,
            greens,
            addMore('vinegar', need - pot.vinegar),
          ),
        ]
      : []),
    ...(water > (PEPPERS.mostWaterOverVinegar * pot.vinegar) / EXACT
      ? [
          safetyFinding(
            `${grams(water)} of water thins ${grams(pot.vinegar)} of vinegar; no more water than vinegar may go in.`,
            pot.rowsOf('water'),
            addMore('vinegar', water - pot.vinegar),
          ),
        ]
      : []),
    ...(solids !== null && solids < PEPPERS.leastSolublesPct - 0.5
      ? [
          safetyFinding(
            `It stops at ${Math.round(solids)} % soluble solids, and a pepper jelly for the shelf has at least ${PEPPERS.leastSolublesPct} %.`,
            pot.rowsOf('sweetener'),
          ),
        ]
      : []),
  ];
}
