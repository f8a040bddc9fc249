import '../test/window.ts';
import { cookPlanOf, USUAL_REQUEST, type CookPlan } from '@idle-kettle/core';
import { html, wordsOf } from '../test/drawn.tsx';
import type { TestKind } from './EventButtons.tsx';
import { Tests } from './Tests.tsx';

/** The choices of a test over a pot of these lines. */
function choices(test: TestKind, lines: readonly string[]): string {
  const plan = cookPlanOf({ ...USUAL_REQUEST, lines, altitudeM: 0, draws: 0 }) as CookPlan;
  const nothing = () => undefined;
  return wordsOf(
    html(
      <Tests
        test={test}
        acts={plan.acts}
        fruit="#900"
        drops={null}
        onOutcome={nothing}
        onLeave={nothing}
      />,
    ),
  );
}

/** Common practice: five minutes and two for a long boil, one for a gelling sugar, none for a box. */
test.each([
  ['a long boil', ['2 kg damsons', '1.4 kg sugar'], ['5 more minutes', '2 more minutes']],
  ['a gelling sugar', ['1 kg raspberries', '500 g 2:1 gelling sugar'], ['One more minute']],
  ['a box of pectin', ['1.3 kg crushed strawberries', '1 box powdered pectin', '1.4 kg sugar'], ['It’s not set yet.']],
])('after a drop that runs in %s, the pot boils on as its run sheet says', (_, lines, says) => {
  const said = choices('plate-test', lines);
  for (const words of says) expect(said).toContain(words);
  const minutes = says.filter((words) => /minute/.test(words));
  expect(new Set(said.match(/(?:\d+|One) more minutes?/g) ?? [])).toEqual(new Set(minutes));
}); // prettier-ignore

test('drops from a spoon ask for more boiling only where the pot boils on', () => {
  expect(choices('sheet-test', ['2 kg damsons', '1.4 kg sugar'])).toContain('keep boiling');
  const box = ['1.3 kg crushed strawberries', '1 box powdered pectin', '1.4 kg sugar'];
  expect(choices('sheet-test', box)).not.toContain('keep boiling');
});
