import type { MoundOutcome, PlateOutcome, SheetOutcome } from '../chain/index.ts';
import {
  afterBoiling,
  boiledTo,
  pHOf,
  setClassOf,
  setRatioOf,
  typicalAcidLoad,
  typicalSetters,
  type SetClass,
} from '../gel/index.ts';
import { fruitCookOf, METHODS } from '../method/index.ts';
import { readWeighedLine, type UnderstoodLine } from '../parser/index.ts';
import { effectiveEvents, plannedAddition, type CookPlan, type Entry } from '../stove/index.ts';
import { truthAt, type Truth } from './kettle.ts';
import type { Practice } from './practice.ts';

/** Cooler than the stop by this much is still at it, K: a stir and a lifted probe. */
export const COOL_K = 1.5;
/** A butter stays in a heap from so much less than its aim on, % soluble solids. */
const HEAP_PCT = 1;

/** What has set; how stiff is the formula's doing. */
const SETS: ReadonlySet<SetClass> = new Set(['soft', 'firm', 'slices']);

/** What a drop of the pot does in each of the tests of its set. */
export type Drops = {
  readonly 'plate-test': PlateOutcome;
  readonly 'sheet-test': SheetOutcome;
  readonly 'mound-test': MoundOutcome;
};

/** What the simulated pot would set like, as it is at a moment. */
export function setOf(cookPlan: CookPlan, truth: Truth, entries: readonly Entry[]): SetClass {
  // Egg that never got hot enough thickens nothing, whatever the formula.
  if (cookPlan.stopKind === 'egg' && truth.tempC < cookPlan.stopC - COOL_K) return 'pours';
  const lines = [...cookPlan.lines, ...extraLines(entries)];
  const acid = typicalAcidLoad(lines);
  const sour = Object.values(acid.moles).some((moles) => moles > 0);
  const raw = typicalSetters(lines, fruitCookOf(cookPlan.product, cookPlan.method, lines));
  return setClassOf(
    setRatioOf(
      METHODS[cookPlan.method].setModel,
      truth.contents,
      sour ? pHOf(boiledTo(acid, truth.contents.water)) : null,
      afterBoiling(raw, truth.pectinLeft, truth.boiledMin),
    ),
  );
}

/** Whether a pot like this has set. */
export const hasSet = (set: SetClass): boolean => SETS.has(set);

/** What was added besides the sheet, as lines. */
const extraLines = (entries: readonly Entry[]): UnderstoodLine[] =>
  effectiveEvents(entries).flatMap(({ kind, text, value }) => {
    if (
      kind !== 'added' ||
      text === null ||
      plannedAddition({ kind, text }) !== null ||
      value === null
    )
      return [];
    const line = readWeighedLine({ ingredient: text, massG: value });
    return line.understood ? [line] : [];
  });

/** What a drop does on the plate, on the spoon and in a heap, at a moment of a simulated cook. */
export function dropsAt(
  cookPlan: CookPlan,
  practice: Practice,
  entries: readonly Entry[],
  atMs: number,
): Drops {
  const truth = truthAt(cookPlan, practice, entries, atMs);
  const set = setOf(cookPlan, truth, entries);
  return {
    'plate-test': set === 'pours' ? 'runs' : set === 'loose' ? 'slow' : 'wrinkles',
    'sheet-test': hasSet(set) ? 'merges' : 'drops',
    'mound-test': truth.solublesPct >= cookPlan.targetPct - HEAP_PCT ? 'mounds' : 'weeps',
  };
}
