import { say, textOf } from '@idle-kettle/words';
import { type Kitchen } from '@idle-kettle/contract';
import { readLine, type Caution, type Plan, planInKitchen, type Settings } from '@idle-kettle/core';
import { drawn, html, wordsOf } from '../test/drawn.tsx';
import { DEFAULTS } from '../test/kitchen.ts';
import { Cautions, Impossible, Split } from './Cautions.tsx';
import { Diagnosis } from './Diagnosis.tsx';
import { LabelBack } from './LabelBack.tsx';
import { LabelFront } from './LabelFront.tsx';
import { LineNote } from './LineNote.tsx';
import { SET_IN_WORDS } from './SetBar.tsx';
import { SettingsBar } from './SettingsBar.tsx';

const nothing = () => undefined;
const noWay = () => null;
const CURD = ['2 1/2 cups sugar', '3/4 cup butter', '7 egg yolks', '4 eggs'];

function planOf(
  lines: readonly string[],
  settings: Settings = {},
  kitchen: Kitchen = DEFAULTS,
): Plan {
  const outcome = planInKitchen({ lines, settings }, kitchen, 100);
  if (!outcome.ok) throw new Error(textOf(outcome.faults.map(({ message }) => message)));
  return outcome.plan;
}

const front = (plan: Plan, kitchen: Kitchen = DEFAULTS, stops: readonly Caution[] = []): string =>
  drawn(
    <LabelFront plan={plan} kitchen={kitchen} stops={stops} wayOn={noWay} onChange={nothing} />,
  );

const PLUM = planOf(['2 kg plums', '1.4 kg sugar']);

describe('the front of the label', () => {
  test('has six figures, the shelf first', () => {
    const markup = html(
      <LabelFront plan={PLUM} kitchen={DEFAULTS} stops={[]} wayOn={noWay} onChange={nothing} />,
    );
    const names = [...markup.matchAll(/<h3[^>]*>([^<]+)<\/h3>/g)].map(([, name]) => name);
    expect(names).toEqual(['Storage', 'Cook to', 'Set', 'Jars', 'Time', 'Canner']);
  });

  test('says that it was reckoned at sea level where no height is known', () => {
    const nowhere = { ...DEFAULTS, altitudeM: null };
    expect(front(planOf(['2 kg plums', '1.4 kg sugar'], {}, nowhere), nowhere)).toContain(
      'at sea level,',
    );
    expect(front(PLUM)).not.toContain('sea level');
  });

  test('of what is for the fridge has no minutes in the canner, and says why', () => {
    const melon = planOf(['2 kg diced melon', '1 kg sugar']);
    const text = front(melon);
    expect(text).toMatch(/Fridge only, 3 weeks or freezer/);
    expect(text).toContain(textOf(melon.shelf.reasons[0] ?? ''));
    expect(text).not.toMatch(/Canner \d+ min|Pantry/);
  });

  test('offers the way back to the pantry where there is one', () => {
    const fresh = planOf(['4 lemons, juiced', ...CURD], { product: 'curd' });
    expect(fresh.shelf.verdict).not.toBe('pantry');
    expect(front(fresh)).toContain(
      `To make it safe for the pantry: ${textOf(fresh.shelf.way?.text ?? '')}`,
    );
  });

  test('shows what not to go on with beside the shelf', () => {
    const stop: Caution = { code: 'x', level: 'stop', text: 'Do not go on.' };
    const text = front(PLUM, DEFAULTS, [stop]);
    expect(text.indexOf('Do not go on.')).toBeGreaterThan(text.indexOf('Storage'));
    expect(text.indexOf('Do not go on.')).toBeLessThan(text.indexOf('Cook to 2'));
  });

  test.each<[string, readonly string[], Settings, RegExp]>([
    ['a minute by the clock, with what the thermometer then shows', ['5 cups crushed strawberries', '7 cups sugar', '49 g powdered pectin'], {}, /1 min at a full rolling boil your thermometer will show \d/],
    ['a curd by its heat, and where it curdles', ['1 cup bottled lemon juice', ...CURD], { product: 'curd' }, /Above 82 °C \(180 °F\) it curdles/],
    ['a butter by a spoon as well', ['3 kg apples, cored', '500 g sugar'], { product: 'butter' }, /mounds and no water runs from it/],
    ['a jam by the degrees of this kitchen', ['2 kg plums', '1.4 kg sugar'], {}, /Cook to 2\d\d\.\d °F water boils/],
  ])('stops %s', (_, lines, settings, words) => {
    expect(front(planOf(lines, settings))).toMatch(words);
  }); // prettier-ignore
});

describe('of more reasons than there is room for', () => {
  const odd = planOf(['2 kg melon', '200 g garlic', '500 g figs', '500 g pumpkin', '1.4 kg sugar']);
  const markup = html(
    <LabelFront plan={odd} kitchen={DEFAULTS} stops={[]} wayOn={noWay} onChange={nothing} />,
  );
  /** What is drawn at a width, by the classes that hide the rest there. */
  const hidden = (text: string): string =>
    new RegExp(`class="([^"]*)"[^>]*>${text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}`).exec(
      markup,
    )?.[1] ?? 'not drawn';

  test('two are read at the table, one on a phone, and all of them between', () => {
    const { reasons } = odd.shelf;
    expect(reasons).toHaveLength(4);
    expect(reasons.map((reason) => hidden(textOf(reason)))).toEqual([
      '',
      'max-md:hidden',
      'max-md:hidden wide:hidden',
      'max-md:hidden wide:hidden',
    ]);
    expect(hidden('3 more reasons are under Details.')).toContain('md:hidden');
    expect(hidden('2 more reasons are under Details.')).toContain('max-wide:hidden');
  });

  test('beside more than five lines one is read at the table too', () => {
    const many = planOf([
      ...['2 kg melon', '200 g garlic', '500 g figs', '500 g pumpkin', '1.4 kg sugar'],
      ...['1 cup water', '1 tsp butter', '2 tbsp brandy'],
    ]);
    const crowded = html(
      <LabelFront plan={many} kitchen={DEFAULTS} stops={[]} wayOn={noWay} onChange={nothing} />,
    );
    const more = many.shelf.reasons.length - 1;
    expect(more).toBeGreaterThan(1);
    expect([...crowded.matchAll(/class="max-md:hidden wide:hidden"/g)]).toHaveLength(more);
    expect([...crowded.matchAll(/(\d) more reasons are under Details/g)].map(([, n]) => n)).toEqual(
      [`${more}`, `${more}`],
    );
  });

  test('all are on the back', () => {
    const back = drawn(<LabelBack plan={odd} kitchen={DEFAULTS} />);
    for (const reason of odd.shelf.reasons) expect(back).toContain(textOf(reason));
  });

  test('none is said to be there that is not', () => {
    expect(front(PLUM)).not.toContain('on the back');
    const one = planOf(['2 kg plums', '1.4 kg sugar', '3 blobs of zorp']);
    expect(one.shelf.reasons).toHaveLength(1);
    expect(front(one)).not.toContain('on the back');
  });
});

describe('the back of the label', () => {
  const text = drawn(<LabelBack plan={PLUM} kitchen={DEFAULTS} />);

  test('says where each figure comes from', () => {
    for (const name of ['Storage', 'Cook to', 'Set', 'Jars', 'Time', 'Canner'])
      expect(text).toMatch(new RegExp(`${name} [A-Z0-9]`));
    expect(text).toContain('IAPWS');
    expect(text).toContain('one spare');
  });

  test('counts a cost only as far as prices are known', () => {
    expect(text).toContain('at least $');
    expect(text).toContain('No price yet for plum');
    const priced = {
      ...DEFAULTS,
      prices: [...DEFAULTS.prices, { ingredient: 'plum', minorPerKg: 300 }],
    };
    const full = drawn(<LabelBack plan={PLUM} kitchen={priced} />);
    expect(full).not.toContain('at least');
    expect(full).toContain('a jar');
  });

  test('says what it may be called, and by whose word', () => {
    expect(text).toContain('Legal names');
    expect(text).toMatch(/: (yes|no)\. /);
  });
});

describe('the notes', () => {
  const caution = (level: Caution['level'], text: string): Caution => ({
    code: text,
    level,
    text,
  });

  test('is told by its weight: this batch in the open, every batch under one line', () => {
    const markup = html(
      <Cautions
        cautions={[
          caution('note', 'Burns.'),
          caution('warn', 'Foams.'),
          caution('stop', 'Halt.'),
          caution('note', 'Seals.'),
        ]}
        wayOn={noWay}
      />,
    );
    const [open = '', folded = ''] = markup.split('<details');
    expect(open).toContain('Foams.');
    expect(open).not.toMatch(/Burns|Seals|Halt/);
    expect(folded).toContain('Notes (2)');
    expect(folded).toMatch(/Burns\..*Seals\./s);
    expect(markup).not.toContain('Halt.');
  });

  test('has no heading where there is nothing', () => {
    expect(drawn(<Cautions cautions={[]} wayOn={noWay} />)).toBe('');
    expect(drawn(<Split pots={1} onSplit={nothing} />)).toBe('');
    expect(drawn(<Split pots={3} onSplit={nothing} />)).toBe('Split it into 3 pots');
  });

  test('what is impossible is said with its field, and that what is shown is from before', () => {
    const text = drawn(
      <Impossible faults={[{ field: 'lines[0]', message: 'That is 1,000 kg.' }]} />,
    );
    expect(text).toContain('1,000 kg');
    expect(text).toContain('show the batch as it was.');
  });
});

describe('the diagnosis', () => {
  test('is said in a sentence, with what mends it and how it would set then', () => {
    const { set } = planOf(['2 kg peaches', '1 kg sugar']);
    if (set === undefined) throw new Error('no set');
    const markup = html(<Diagnosis set={set} onChange={nothing} />);
    expect(set.remedies.length).toBeGreaterThan(0);
    expect([...markup.matchAll(/<button/g)]).toHaveLength(set.remedies.length);
    for (const { text } of set.remedies)
      expect(drawn(<Diagnosis set={set} onChange={nothing} />)).toContain(textOf(text));
  });

  test('of many remedies the first says at the table what it is for, and the others what is done', () => {
    const { set } = planOf(['1 kg rhubarb', '1 kg sugar']);
    if (set === undefined) throw new Error('no set');
    const [first, second, ...rest] = set.remedies;
    if (first === undefined || second === undefined || rest.length === 0)
      throw new Error('too few remedies');
    const atTheTable = (markup: string) =>
      wordsOf(markup.replace(/<span class="[^"]*(?<!max-)wide:hidden[^"]*">.*?<\/span>/g, ''));
    const text = atTheTable(html(<Diagnosis set={set} onChange={nothing} />));
    expect(text).toContain(textOf(first.text));
    expect(text).toContain(`${textOf(second.act)} ${textOf(second.effect)}`);
    expect(text).toContain(say(SET_IN_WORDS[second.forecast]));
    expect(text).toMatch(/\d in 10/);
    expect(text).not.toContain(textOf(second.text));
    const two = { ...set, remedies: [first, second] };
    expect(atTheTable(html(<Diagnosis set={two} onChange={nothing} />))).toContain(
      textOf(second.text),
    );
  });
});

describe('the settings', () => {
  const bar = (settings: Settings, plan = PLUM, kitchen = DEFAULTS): string =>
    drawn(
      <SettingsBar
        settings={settings}
        method={plan.method}
        stop={plan.stop.kind}
        solublesPct={65}
        kitchen={kitchen}
        onSet={nothing}
      />,
    );

  test('say the method that the ingredient lines ask for, until one is chosen', () => {
    expect(bar({})).toContain('long boil (auto)');
    expect(bar({ method: 'long-boil' })).toContain('chosen from the ingredients');
  });

  test('ask for solids only where solids end the cook, and for pots only where there are some', () => {
    expect(bar({})).toContain('% solids');
    expect(
      bar({ product: 'curd' }, planOf(['1 cup bottled lemon juice', ...CURD], { product: 'curd' })),
    ).not.toContain('% solids');
    expect(bar({})).toContain('wide pot');
    expect(bar({}, PLUM, { ...DEFAULTS, pots: [], burners: [] })).not.toMatch(/Pot|burner/);
  });
});

describe('under a line', () => {
  const note = (text: string): string =>
    drawn(<LineNote id="n" reading={readLine(text)} where="line 1" onReplace={nothing} />);

  test('stands what was taken for granted', () => {
    expect(note('1 cup sugar')).toContain('US cup');
  });

  test('stands what is not recognized, the words in the way, and what may be meant', () => {
    const text = note('3 blobs of zorp');
    expect(text).toContain('zorp');
    expect(note('a glug of lemon')).toMatch(/Read it as|glug/);
  });
});
