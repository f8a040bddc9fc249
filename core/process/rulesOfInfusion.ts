import { INFUSION } from './caps.ts';
import { type SafetyContext, liquidOf, EXACT } from './safetyContext.ts';
import type { PotAmounts } from './potAmounts.ts';
import { safetyFinding, capital, names, grams, leaveOut, addMore } from './messages.ts';
import type { SafetyFinding } from './storageCase.ts';

/** Infusion, herb and wine jellies: acid of known strength to the liquid. */
export function infusionFindings({ pot, isAssured }: SafetyContext): SafetyFinding[] {
  if (isAssured) return [];
  const liquid = liquidOf(pot);
  const need = INFUSION.leastAcid * liquid;
  const acid = pot.bottled + pot.vinegar;
  const herbs = pot.of('fresh-herb');
  return [
    ...(acid < need * EXACT
      ? [
          safetyFinding(
            `${grams(acid)} of bottled lemon juice or 5 % vinegar to ${grams(liquid)} of liquid; at least a sixteenth is wanted, ${grams(need)}.`,
            pot.rowsOf('water', 'wine'),
            addMore('lemon-juice-bottled', need - acid),
          ),
        ]
      : []),
    ...(herbs > INFUSION.mostHerbs * acid
      ? [
          safetyFinding(
            `${grams(herbs)} of herbs to ${grams(acid)} of bottled lemon juice or 5 % vinegar; at most ${INFUSION.mostHerbs} times as much.`,
            pot.rowsOf('fresh-herb'),
            addMore('lemon-juice-bottled', herbs / INFUSION.mostHerbs - acid),
          ),
        ]
      : []),
    ...(pot.of('acid-fruit') > INFUSION.mostFruit * acid
      ? [
          safetyFinding(
            `With ${grams(pot.of('acid-fruit'))} of fruit or its juice it is no infusion.`,
            pot.rowsOf('acid-fruit'),
          ),
        ]
      : []),
    ...infusionRest(pot, acid),
  ];
}

/** What else is in an infusion: no nuts or pieces, and of spirits no more than of the acid. */
function infusionRest(pot: PotAmounts, acid: number): SafetyFinding[] {
  const pieces = pot.rowsOf('candied', 'nut');
  const spirits = pot.of('spirit');
  return [
    ...(pieces.length > 0
      ? [
          safetyFinding(
            `${capital(names(pieces))} in an infusion is in nothing that was tested.`,
            pieces,
            leaveOut(pieces),
          ),
        ]
      : []),
    ...(spirits > acid
      ? [
          safetyFinding(
            `${capital(names(pot.rowsOf('spirit')))}: ${grams(spirits)}, and at most as much as the acid, ${grams(acid)}.`,
            pot.rowsOf('spirit'),
            leaveOut(pot.rowsOf('spirit')),
          ),
        ]
      : []),
  ];
}
