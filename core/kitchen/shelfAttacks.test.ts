import { BARE_KITCHEN, planInKitchen } from './index.ts';
import { ATTACKS } from '../test/shelfAttacks.ts';

test('there are at least a hundred', () => {
  expect(ATTACKS.length).toBeGreaterThanOrEqual(100);
});

test.each(
  ATTACKS.map(([product, lines, before]) => ({
    product,
    lines,
    before,
    said: JSON.stringify([lines, before]),
  })),
)('$product of $said is for no shelf', ({ product, lines, before }) => {
  const settings = { product, ...(before === undefined ? {} : { before }) };
  const outcome = planInKitchen({ lines, settings }, { ...BARE_KITCHEN, altitudeM: 0 }, 0);
  const verdict = outcome.ok ? outcome.plan.shelf.verdict : 'refused';
  expect(verdict).not.toMatch(/pantry|by-source/);
  // Nor does a name make more of it than its source's word, and of what is never for it not that.
  const named = {
    ...settings,
    assurance: { testedFormula: 'A formula of the county', source: 'A book' },
  };
  const again = planInKitchen({ lines, settings: named }, { ...BARE_KITCHEN, altitudeM: 0 }, 0);
  expect(again.ok ? again.plan.shelf.verdict : 'refused').not.toBe('pantry');
});
