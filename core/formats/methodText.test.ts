import { readMethodText, type MethodFinding } from './methodText.ts';

/** Findings without the words that say them. */
const found = (...lines: string[]) =>
  readMethodText(lines).map(({ text: _, ...finding }: MethodFinding) => finding);

// Steps as cooks write them, made up for this test; what each means is common practice.
test.each<[string, readonly object[]]>([
  [
    'Cook in the slow cooker on low for 10 hours with the lid off.',
    [
      { kind: 'heat', heat: 'slow-cooker-low' },
      { kind: 'lid', minutes: 0 },
    ],
  ],
  [
    'Put everything in a slow cooker. Cover and cook on high for 4 hours, then uncover and cook 2 hours more.',
    [
      { kind: 'heat', heat: 'slow-cooker-high' },
      { kind: 'lid', minutes: 240 },
    ],
  ],
  [
    'Slow cooker, covered, overnight on low',
    [
      { kind: 'heat', heat: 'slow-cooker-low' },
      { kind: 'lid', minutes: 600 },
    ],
  ],
  ['Cook it in your slow cooker for 6 hours.', []],
  ['Bake in a low oven for 3 hours, stirring now and then.', [{ kind: 'heat', heat: 'oven' }]],
  ['Warm the jars in the oven for 10 minutes.', []],
  [
    'Bring to a full rolling boil and boil hard for exactly 1 minute.',
    [{ kind: 'boil', minutes: 1 }],
  ],
  ['Boil rapidly for four minutes', [{ kind: 'boil', minutes: 4 }]],
  ['Boil the peel for 90 minutes until soft.', []],
  ['Simmer 5 minutes until the fruit is tender.', []],
  [
    'Pour into a jelly bag and leave to drip for 4 hours.',
    [{ kind: 'first', first: 'extract', hours: 4 }],
  ],
  [
    'Drip overnight through muslin; do not squeeze.',
    [{ kind: 'first', first: 'extract', hours: 10 }],
  ],
  [
    'Layer with the sugar and leave to stand overnight.',
    [{ kind: 'first', first: 'soak', hours: 10 }],
  ],
  ['Let the strawberries macerate for 2-3 hours.', [{ kind: 'first', first: 'soak', hours: 3 }]],
  [
    'Pour boiling water over the petals and steep 18 hours.',
    [{ kind: 'first', first: 'infuse', hours: 18 }],
  ],
  ['Leave to stand for 15 minutes so the peel settles.', []],
  ['Leave the jars to stand for 24 hours.', []],
  ['Cook to 220 °F.', [{ kind: 'stop', tempC: (220 - 32) / 1.8 }]],
  ['until it reaches 104.5C', [{ kind: 'stop', tempC: 104.5 }]],
  ['Heat the oven to 110 C', []],
  ['Keep in the fridge for up to 3 weeks.', [{ kind: 'store', place: 'fridge' }]],
  ['Refrigerate after opening.', []],
  ['Chill a saucer in the freezer.', []],
  ['Freeze for up to a year.', [{ kind: 'store', place: 'freezer' }]],
  ['Process in a boiling-water canner for 10 minutes.', [{ kind: 'process', minutes: 10 }]],
  ['Process pints 15 min', [{ kind: 'process', minutes: 15 }]],
  ['Wash, stone and chop the fruit.', []],
  ['Stir well.', []],
  [
    'Set the slow cooker to low, lid slightly ajar, 8–10 hours',
    [
      { kind: 'heat', heat: 'slow-cooker-low' },
      { kind: 'lid', minutes: 0 },
    ],
  ],
  [
    'Slow cooker on low, lid on for the first 2 hours and off for the last 6.',
    [{ kind: 'heat', heat: 'slow-cooker-low' }],
  ],
  [
    'Cover the fruit with the sugar in the slow cooker and cook on high 3 hours.',
    [{ kind: 'heat', heat: 'slow-cooker-high' }],
  ],
  ['Cover with boiling water and leave for 10 minutes.', []],
])('%s', (step, expected) => {
  expect(found(step)).toEqual(expected);
});

test('of several steps each thing is found once, in their order, and hours under a lid are added up', () => {
  expect(
    found(
      '1. Tie the pips in muslin and soak overnight.',
      '2. Cover and cook in the slow cooker on low 6 hours.',
      '3. Stir, cover, and cook 2 hours longer on low.',
      '4. Boil hard 1 minute. Boil 2 minutes more if it runs.',
    ),
  ).toEqual([
    { kind: 'first', first: 'soak', hours: 10 },
    { kind: 'heat', heat: 'slow-cooker-low' },
    { kind: 'lid', minutes: 480 },
    { kind: 'boil', minutes: 1 },
  ]);
});

test('each finding has the words that say it', () => {
  expect(readMethodText(['2) Boil hard for 1 minute, then skim.'])).toEqual([
    { kind: 'boil', minutes: 1, text: 'Boil hard for 1 minute' },
  ]);
});
