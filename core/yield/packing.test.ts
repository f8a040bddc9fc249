import fc from 'fast-check';
import highs, { type LegacyHighs } from 'highs';
import { packJars, type JarSize } from './packing.ts';
import { runs } from '../test/runs.ts';

/** A jar’s figures as the programme takes them. */
type Size = { readonly volumeMl: number; readonly count: number };

const sum = (sizes: readonly Size[], term: (i: number) => string) =>
  sizes.map((_, i) => term(i)).join(' + ');

/** The packing as an integer programme: `n` jars of each size, `y` whether it is used at all. */
const programme = (sizes: readonly Size[], goal: string, least: number, most: number) => `${goal}
subject to
 all: ${sum(sizes, (i) => `${sizes[i]?.volumeMl ?? 0} n${i}`)} >= ${least}
 room: ${sum(sizes, (i) => `${sizes[i]?.volumeMl ?? 0} n${i}`)} <= ${most}
${sizes.map(({ count }, i) => ` use${i}: n${i} - ${count} y${i} <= 0`).join('\n')}
bounds
${sizes.map(({ count }, i) => ` 0 <= n${i} <= ${count}`).join('\n')}
general
 ${sizes.map((_, i) => `n${i}`).join(' ')}
binary
 ${sizes.map((_, i) => `y${i}`).join(' ')}
end`;

/** Jars may be a hundredth short, and two hundredths for fewer sizes: see packing.ts. */
const [HAIR, MORE] = [1.01, 1.02];

/** Outside check: HiGHS, an integer-programming library, on random kitchens. */
test('is the optimum of an integer programme on random cases', async () => {
  const load = highs as unknown as () => Promise<LegacyHighs>;
  const solver = await load();
  const solve = (lp: string) =>
    Math.round(
      solver.solve(lp, { mip_rel_gap: 0, mip_abs_gap: 1e-6, output_flag: false }).ObjectiveValue,
    );
  const kitchen = fc.record({
    totalMl: fc.integer({ min: 200, max: 5000 }),
    sizes: fc.uniqueArray(
      fc.record({
        volumeMl: fc.constantFrom(60, 118, 125, 177, 200, 237, 250, 314, 355, 370, 473, 500, 946),
        count: fc.integer({ min: 1, max: 24 }),
      }),
      { minLength: 1, maxLength: 4, selector: ({ volumeMl }) => volumeMl },
    ),
  });
  fc.assert(
    fc.property(kitchen, ({ totalMl, sizes }) => {
      const jars: JarSize[] = sizes.map((size) => ({ ...size, name: String(size.volumeMl) }));
      const packed = packJars(totalMl, jars);
      const most = solve(
        programme(
          sizes,
          `maximize\n ${sum(sizes, (i) => `${sizes[i]?.volumeMl ?? 0} n${i}`)}`,
          0,
          Math.floor(HAIR * totalMl),
        ),
      );
      const filled = Math.min(most, totalMl);
      expect(packed.partMl).toBe(totalMl - filled);
      if (filled === 0) return;
      const cost = solve(
        programme(
          sizes,
          `minimize\n ${sum(sizes, (i) => `1000 y${i} + n${i}`)}`,
          filled,
          most < totalMl ? filled : Math.floor(MORE * totalMl),
        ),
      );
      const count = packed.jars.reduce((all, jar) => all + jar.count, 0);
      expect(1000 * packed.jars.length + count).toBe(cost);
    }),
    { numRuns: runs(500), seed: 16 },
  );
}, 60_000);
