import { message } from '@idle-kettle/words/message';
import { CURD } from './caps.ts';
import { type SafetyContext, EXACT } from './safetyContext.ts';
import type { PotAmounts } from './potAmounts.ts';
import { safetyFinding, nameOf, capital, enough, ratio, leaveOut, addMore } from './messages.ts';
import type { SafetyFinding, StorageCase } from './storageCase.ts';

/**
 * Curd: by grams of bottled lemon or lime juice, and nothing in it that the tested curd does not
 * hold.
 */
export function curdFindings({ found, pot }: SafetyContext): SafetyFinding[] {
  const juice = pot.bottled;
  const sour = pot.rowsOf(
    'acid-fruit',
    'not-acid',
    'citrus-juice',
    'vinegar',
    'other-acid',
    'pepper',
    'allium',
  );
  const others = sour.filter((id) => id !== 'lemon-juice-bottled' && id !== 'lime-juice-bottled');
  const wrong = others.map((id) =>
    /^(?:lemon|lime)-juice/.test(id)
      ? safetyFinding(
          message('process.freshVariesInStrengthOnly', {
            replace: nameOf(id).replace('fresh ', ''),
          }),
          [id],
          {
            leaveOut: [id],
            add: [{ id: `${id.replace(/-and-.*/, '')}-bottled`, grams: enough(pot.ofRow(id)) }],
          },
        )
      : safetyFinding(message('process.onlyLemonOrLimeCurd', { name: nameOf(id) }), [id]),
  );
  if (others.length > 0) return wrong;
  if (juice === 0) {
    return [safetyFinding(message('process.curdForThePantryNeeds'), [])];
  }
  return [...curdAmounts(pot, juice), ...curdRest(found, pot)];
}

function curdAmounts(pot: PotAmounts, juice: number): SafetyFinding[] {
  const eggs = pot.of('egg');
  const butter = pot.of('butter');
  const zest = pot.of('zest');
  const mend = (more: number) => addMore('lemon-juice-bottled', more);
  const said = (have: number, what: string, most: number, tested: number) =>
    message('process.gOfPerGramOf', {
      ratio: ratio(have / juice),
      what,
      ratio2: ratio(most),
      ratio3: ratio(tested),
    });
  return [
    ...(eggs === 0 ? [safetyFinding(message('process.noEggInItNo'), [])] : []),
    ...(eggs > (CURD.mostEgg * juice) / EXACT
      ? [
          safetyFinding(
            said(eggs, 'egg', CURD.mostEgg, CURD.testedEgg),
            pot.rowsOf('egg'),
            mend(eggs / CURD.mostEgg - juice),
          ),
        ]
      : []),
    ...(butter > (CURD.mostButter * juice) / EXACT
      ? [
          safetyFinding(
            said(butter, 'butter', CURD.mostButter, CURD.testedButter),
            ['butter'],
            mend(butter / CURD.mostButter - juice),
          ),
        ]
      : []),
    ...(zest > (CURD.mostZest * juice) / EXACT
      ? [
          safetyFinding(
            said(zest, 'zest', CURD.mostZest, 0.2),
            pot.rowsOf('zest'),
            mend(zest / CURD.mostZest - juice),
          ),
        ]
      : []),
    ...(pot.sucrose < CURD.leastSucrose * juice * EXACT
      ? [
          safetyFinding(
            message('process.gOfSugarPerGram', {
              ratio: ratio(pot.sucrose / juice),
              ratio2: ratio(CURD.leastSucrose),
              ratio3: ratio(CURD.testedSucrose),
            }),
            pot.rowsOf('sweetener'),
            addMore('sugar', CURD.leastSucrose * juice - pot.sucrose),
          ),
        ]
      : []),
  ];
}

/** What else stands in a curd: nothing, water included. */
function curdRest({ lines }: StorageCase, pot: PotAmounts): SafetyFinding[] {
  const rows = pot.rowsOf(
    'water',
    'pectin',
    'fresh-herb',
    'dry-spice',
    'flavouring',
    'candied',
    'spirit',
    'wine',
    'nut',
    'salt',
  );
  const odd = lines
    .filter(
      ({ ingredient }) =>
        ingredient.id === 'margarine' ||
        (ingredient.kind === 'sweetener' && !PLAIN_SUGARS.has(ingredient.id)),
    )
    .map(({ ingredient }) => ingredient.id);
  return [...rows, ...new Set(odd)].map((id) =>
    safetyFinding(
      message('process.isntInAnyTestedCurd', { capital: capital(nameOf(id)) }),
      [id],
      leaveOut([id]),
    ),
  );
}

const PLAIN_SUGARS: ReadonlySet<string> = new Set(['sugar', 'raw-sugar', 'brown-sugar']);
