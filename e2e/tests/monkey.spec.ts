import { randomUUID } from 'node:crypto';
import { bookScreens } from '../keptBook.ts';
import { expect, practice, test } from '../kitchen.ts';
import { letLoose } from '../monkey.mjs';

// What is kept for a browser without a server is tried here.
test.use({ serviceWorkers: 'allow' });

const SECONDS = 15;
const BATCHES = [
  { name: 'Damson jam', lines: ['2 kg crushed damsons', '1.4 kg sugar'] },
  { name: 'Lemon curd', lines: ['4 lemons', '4 eggs', '200 g butter', '350 g sugar'] },
  { name: 'Odd', lines: ['3 zorp', '1 kg sugar', 'half a', '7 cups honey'] },
];

for (const [seed, width, height] of [
  [11, 1280, 800],
  [12, 390, 844],
] as const)
  test(`who presses anything for a quarter of a minute, from ${width} px on, breaks nothing`, async ({
    page,
    context,
    kettle,
    provoked,
  }) => {
    // What it deletes is gone, and what it saves in two places at once is told.
    provoked.push(/40[49]/);
    await kettle.setUpKitchen();
    const made = await Promise.all(
      BATCHES.map((batch) => kettle.send<{ id: string }>('POST', '/batches', batch)),
    );
    const cook = await kettle.send<{ id: string }>('POST', '/cook-sessions', {
      id: randomUUID(),
      batchId: made[0]?.id,
    });
    const pot = await practice(kettle);
    await page.setViewportSize({ width, height });
    await page.goto(kettle.address);
    const { faults, acts } = await letLoose(context, page, {
      seed,
      seconds: SECONDS,
      addresses: [
        ...[
          '/',
          '/batches',
          '/shelf',
          '/shelf/stock-take',
          '/stove',
          '/recipes',
          '/kitchen',
          '/batches/new',
          '/nowhere',
        ],
        ...(await bookScreens(kettle)),
        ...made.flatMap(({ id }) => [`/batches/${id}`, `/batches/${id}/prepare`]),
        `/batches/${made[0]?.id}/stove`,
        `/cook-sessions/${cook.id}`,
        `/cook-sessions/${cook.id}/jars`,
        `/cook-sessions/${pot.id}`,
      ].map((path) => `${kettle.address}${path}`),
    });
    expect(faults).toEqual([]);
    expect(acts).toBeGreaterThan(10);
  });
