import { INFUSION } from './caps.ts';
import { type Judged, liquidOf, EXACT } from './judged.ts';
import type { PotAmounts } from './potAmounts.ts';
import { against, capital, names, grams, leaveOut, addMore } from './saying.ts';
import type { Against } from './shelfCase.ts';

/** Infusion, herb and wine jellies: acid of known strength to the liquid. */
export function againstInfusion({ pot, assured }: Judged): Against[] {
  if (assured) return [];
  const liquid = liquidOf(pot);
  const need = INFUSION.leastAcid * liquid;
  const acid = pot.bottled + pot.vinegar;
  const herbs = pot.of('fresh-herb');
  return [
    ...(acid < need * EXACT
      ? [
          against(
            `${grams(acid)} of bottled lemon juice or 5 % vinegar to ${grams(liquid)} of liquid; at least a sixteenth is wanted, ${grams(need)}.`,
            pot.rowsOf('water', 'wine'),
            addMore('lemon-juice-bottled', need - acid),
          ),
        ]
      : []),
    ...(herbs > INFUSION.mostHerbs * acid
      ? [
          against(
            `${grams(herbs)} of herbs to ${grams(acid)} of bottled lemon juice or 5 % vinegar; at most ${INFUSION.mostHerbs} times as much.`,
            pot.rowsOf('fresh-herb'),
            addMore('lemon-juice-bottled', herbs / INFUSION.mostHerbs - acid),
          ),
        ]
      : []),
    ...(pot.of('acid-fruit') > INFUSION.mostFruit * acid
      ? [
          against(
            `With ${grams(pot.of('acid-fruit'))} of fruit or its juice it is no infusion.`,
            pot.rowsOf('acid-fruit'),
          ),
        ]
      : []),
    ...infusionRest(pot, acid),
  ];
}

/** What else is in an infusion: no nuts or pieces, and of spirits no more than of the acid. */
function infusionRest(pot: PotAmounts, acid: number): Against[] {
  const pieces = pot.rowsOf('candied', 'nut');
  const spirits = pot.of('spirit');
  return [
    ...(pieces.length > 0
      ? [
          against(
            `${capital(names(pieces))} in an infusion is in nothing that was tested.`,
            pieces,
            leaveOut(pieces),
          ),
        ]
      : []),
    ...(spirits > acid
      ? [
          against(
            `${capital(names(pot.rowsOf('spirit')))}: ${grams(spirits)}, and at most as much as the acid, ${grams(acid)}.`,
            pot.rowsOf('spirit'),
            leaveOut(pot.rowsOf('spirit')),
          ),
        ]
      : []),
  ];
}
