import type { Plan, PlanLine } from './plan.ts';

/**
 * Everything that is brought to a batch, in the order of the work: what goes in before, as it
 * comes, and then the lines of the pot. A line that asks for so much of the juice that was obtained
 * is not brought a second time.
 */
export function linesBrought({
  before,
  lines,
}: Pick<Plan, 'before' | 'lines'>): readonly PlanLine[] {
  if (before === undefined) return lines;
  const first = new Set(before.lines.map(({ ingredient }) => ingredient));
  return [
    ...before.lines,
    ...lines.filter(({ ingredient, state }) => state !== 'juice' || !first.has(ingredient)),
  ];
}

/** Everything that a batch is made of: what comes out of jars that are emptied, and what is brought. */
export const linesHeld = (plan: Pick<Plan, 'before' | 'lines' | 'remake'>): readonly PlanLine[] => [
  ...(plan.remake?.lines ?? []),
  ...linesBrought(plan),
];

/** Ids of what goes into a pan whole, cores and skins and all, and is weighed as bought. */
export const simmeredWhole = ({ before }: Pick<Plan, 'before'>): ReadonlySet<string | undefined> =>
  new Set(before?.kind === 'extract' ? before.lines.map(({ ingredient }) => ingredient) : []);
