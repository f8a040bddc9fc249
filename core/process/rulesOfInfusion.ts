import { message } from '@idle-kettle/words/message';
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
            message('process.ofBottledLemonJuiceOr', {
              grams: grams(acid),
              grams2: grams(liquid),
              grams3: grams(need),
            }),
            pot.rowsOf('water', 'wine'),
            addMore('lemon-juice-bottled', need - acid),
          ),
        ]
      : []),
    ...(herbs > INFUSION.mostHerbs * acid
      ? [
          safetyFinding(
            message('process.ofHerbsToOfBottled', {
              grams: grams(herbs),
              grams2: grams(acid),
              mostHerbs: INFUSION.mostHerbs,
            }),
            pot.rowsOf('fresh-herb'),
            addMore('lemon-juice-bottled', herbs / INFUSION.mostHerbs - acid),
          ),
        ]
      : []),
    ...(pot.of('acid-fruit') > INFUSION.mostFruit * acid
      ? [
          safetyFinding(
            message('process.withOfFruitOrJuice', { grams: grams(pot.of('acid-fruit')) }),
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
            message('process.inAnInfusionIsntTested', { capital: capital(names(pieces)) }),
            pieces,
            leaveOut(pieces),
          ),
        ]
      : []),
    ...(spirits > acid
      ? [
          safetyFinding(
            message('process.theLimitIsAsMuch', {
              capital: capital(names(pot.rowsOf('spirit'))),
              grams: grams(spirits),
              grams2: grams(acid),
            }),
            pot.rowsOf('spirit'),
            leaveOut(pot.rowsOf('spirit')),
          ),
        ]
      : []),
  ];
}
