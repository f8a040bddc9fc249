import { CURD } from './caps.ts';
import { type SafetyContext, EXACT } from './safetyContext.ts';
import type { PotAmounts } from './potAmounts.ts';
import { safetyFinding, nameOf, capital, enough, ratio, leaveOut, addMore } from './messages.ts';
import type { SafetyFinding, StorageCase } from './storageCase.ts';

/** Curd: by grams of bottled lemon or lime juice, and nothing in it that the tested curd does not hold. */
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
          `Fresh ${nameOf(id).replace('fresh ', '')} varies in strength: only curd of bottled lemon or lime juice may stand on a shelf.`,
          [id],
          {
            leaveOut: [id],
            add: [{ id: `${id.replace(/-and-.*/, '')}-bottled`, grams: enough(pot.ofRow(id)) }],
          },
        )
      : safetyFinding(
          `Only lemon or lime curd of bottled juice has a tested process, and this holds ${nameOf(id)}. Fridge up to four weeks, or freezer up to a year.`,
          [id],
        ),
  );
  if (others.length > 0) return wrong;
  if (juice === 0) {
    return [
      safetyFinding(
        'A curd for the shelf is made with bottled lemon or lime juice, and there is none in it.',
        [],
      ),
    ];
  }
  return [...curdAmounts(pot, juice), ...curdRest(found, pot)];
}

function curdAmounts(pot: PotAmounts, juice: number): SafetyFinding[] {
  const eggs = pot.of('egg');
  const butter = pot.of('butter');
  const zest = pot.of('zest');
  const mend = (more: number) => addMore('lemon-juice-bottled', more);
  const said = (have: number, what: string, most: number, tested: number) =>
    `${ratio(have / juice)} g of ${what} to a gram of bottled juice; at most ${ratio(most)} (the tested curd holds ${ratio(tested)}).`;
  return [
    ...(eggs === 0 ? [safetyFinding('No egg in it: it is no curd that was tested.', [])] : []),
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
            `${ratio(pot.sucrose / juice)} g of sugar to a gram of bottled juice; at least ${ratio(CURD.leastSucrose)} (the tested curd holds ${ratio(CURD.testedSucrose)}).`,
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
    safetyFinding(`${capital(nameOf(id))} is in no tested curd.`, [id], leaveOut([id])),
  );
}

const PLAIN_SUGARS: ReadonlySet<string> = new Set(['sugar', 'raw-sugar', 'brown-sugar']);
