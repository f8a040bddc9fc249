import type { Kitchen } from '@idle-kettle/contract';
import { BOOK_FORMAT, BOOK_FORMAT_VERSION, type KeptEntry } from '@idle-kettle/contract/bookFile';
import type { CookOfTable } from '@idle-kettle/core/book';
import { say } from '@idle-kettle/words';
import { v5 } from 'uuid';

/** When on its day a cook of a table is taken to have begun. */
const BEGINS = 'T12:00:00.000Z';
const SOURCE = 'table';
const MINUTE_MS = 60_000;
/** How long a cook is taken to be that says nothing of it, min: nothing is learned from that. */
const UNSAID_MIN = 60;

/**
 * A Book made from a table of cooks, to be imported like any other. In one household the same line
 * always makes the same cook.
 * @param household whose it will be
 * @param kitchen that they were cooked in, as far as anybody knows
 */
export function bookOfTable(
  cooks: readonly CookOfTable[],
  household: string,
  kitchen: Kitchen,
): object {
  const seen = new Map<string, number>();
  const made = cooks.map((cook) => {
    const { line, ...said } = cook;
    const text = JSON.stringify(said);
    const nth = (seen.get(text) ?? 0) + 1;
    seen.set(text, nth);
    return { cook, id: said.id ?? v5(`${nth} ${text}`, household) };
  });
  return {
    format: BOOK_FORMAT,
    version: BOOK_FORMAT_VERSION,
    recipes: [],
    batches: made.map(({ cook, id }) => ({
      id: batchIdOf(id),
      ...formulaOf(cook),
      name: cook.name,
      doneAt: spanOf(cook).endedAt,
      deletedAt: null,
      createdAt: spanOf(cook).startedAt,
      updatedAt: spanOf(cook).endedAt,
    })),
    cooks: made.map(({ cook, id }) => ({
      id,
      batchId: batchIdOf(id),
      name: cook.name,
      formula: formulaOf(cook),
      kitchen: { ...kitchen, knowledge: null },
      ...spanOf(cook),
      storedAt: null,
      jarPlaces: null,
      log: logOf(cook),
      outcome: {
        version: 1,
        volumeMl: cook.volumeMl,
        finalMassG: cook.finalMassG,
        set: cook.set,
        taste: cook.taste,
        colour: cook.colour,
        clarity: cook.clarity,
        again: cook.again,
        costMinor: cook.costMinor,
        notes: notesOf(cook),
      },
    })),
  };
}

const batchIdOf = (cookId: string): string => v5('batch', cookId);

const formulaOf = ({ lines, product, method }: CookOfTable) => ({
  lines,
  settings: {
    ...(product === null ? {} : { product }),
    ...(method === null ? {} : { method }),
  },
});

function spanOf({ date, minutes }: CookOfTable) {
  const startedAt = `${date}${BEGINS}`;
  const endMs = Date.parse(startedAt) + (minutes ?? UNSAID_MIN) * MINUTE_MS;
  return { startedAt, endedAt: new Date(endMs).toISOString() };
}

/** The flame, what the thermometer showed last, and the end: what a table tells of a cook. */
function logOf(cook: CookOfTable): readonly KeptEntry[] {
  const { startedAt, endedAt } = spanOf(cook);
  const [litMs, endMs] = [Date.parse(startedAt), Date.parse(endedAt)];
  if (cook.minutes === null) return [];
  const said = [
    { at: litMs, kind: 'lit', value: null },
    ...(cook.stopC === null
      ? []
      : [{ at: endMs, kind: 'temperature', value: cook.stopC } as const]),
    { at: endMs, kind: 'off-heat', value: null },
  ] as const;
  return said.map((entry, index) => ({
    ...entry,
    source: SOURCE,
    seq: index + 1,
    saidAt: null,
    text: null,
    by: null,
  }));
}

/** Jars of a size that nobody says tell no yield: their number stays with the words. */
const notesOf = ({ notes, jars, volumeMl }: CookOfTable): string =>
  [jars !== null && volumeMl === null ? say('book.jarsNoted', { count: jars }) : null, notes]
    .filter((said) => said !== null)
    .join('\n');
