import type { Formula } from '@idle-kettle/core';
import { say, type PlainMessageId } from '@idle-kettle/words';

import { diffArrays } from 'diff';

/** One row of two sheets side by side: what each says there; null where it says nothing. */
export type DiffRow = {
  readonly mine: string | null;
  readonly theirs: string | null;
  readonly same: boolean;
};

type Sheet = Formula & { readonly name: string };

/** Two sheets of one batch, line by line: name, lines, and whether what is set besides differs. */
export function formulaDiff(mine: Sheet, theirs: Sheet): readonly DiffRow[] {
  const rows: DiffRow[] = [
    { mine: mine.name, theirs: theirs.name, same: mine.name === theirs.name },
  ];
  let taken: string[] = [];
  for (const { value, added, removed } of diffArrays([...mine.lines], [...theirs.lines])) {
    if (removed) {
      taken.push(...value);
    } else if (added) {
      // What was taken out stands beside what came in its place.
      const pairs = Math.max(taken.length, value.length);
      for (let i = 0; i < pairs; i += 1) rows.push(unlike(taken[i], value[i]));
      taken = [];
    } else {
      rows.push(...taken.map((line) => unlike(line, undefined)));
      rows.push(...value.map((line) => ({ mine: line, theirs: line, same: true })));
      taken = [];
    }
  }
  rows.push(...taken.map((line) => unlike(line, undefined)));
  return [...rows, ...settingRows(mine.settings, theirs.settings)];
}

/** Most differences that are told one by one. */
const MOST_TOLD = 2;

/** What it comes to in words to go from one sheet to another: `“1.4 kg sugar” is back`. */
export function changeInWords(from: Sheet, to: Sheet): string {
  const rows = formulaDiff(from, to).filter(({ same }) => !same);
  if (rows.length > MOST_TOLD) return say('balance.changes', { count: rows.length });
  return rows.map(rowInWords).join(', ');
}

function rowInWords({ mine: before, theirs: after }: DiffRow): string {
  if (after === null) return say('balance.isGone', { text: before ?? '' });
  return before === null || before === ''
    ? say('balance.isBack', { text: after })
    : say('balance.insteadOf', { text: after, before });
}

const unlike = (mine: string | undefined, theirs: string | undefined): DiffRow => ({
  mine: mine ?? null,
  theirs: theirs ?? null,
  same: false,
});

/** What is set besides the lines, where the two differ. */
function settingRows(mine: Sheet['settings'], theirs: Sheet['settings']): DiffRow[] {
  const all = new Map<string, { mine?: unknown; theirs?: unknown }>();
  for (const [key, value] of Object.entries(mine)) all.set(key, { mine: value });
  for (const [key, value] of Object.entries(theirs))
    all.set(key, { ...all.get(key), theirs: value });
  return [...all]
    .map(([key, said]) => unlike(inWords(key, said.mine), inWords(key, said.theirs)))
    .filter((row) => row.mine !== row.theirs);
}

const NAMES: { readonly [key: string]: PlainMessageId | undefined } = {
  product: 'balance.product',
  targetSolublesPct: 'balance.targetSolids',
  bodyStop: 'balance.thickness',
  boilMin: 'balance.minutesAtTheBoil',
  lidMin: 'balance.minutesLidOn',
  storeIn: 'balance.storeIn',
  before: 'balance.firstStep3',
  remake: 'balance.fromTheJars',
};

function inWords(key: string, value: unknown): string | undefined {
  if (value === undefined || value === null) return undefined;
  const name = NAMES[key];
  return `${name === undefined ? key : say(name)}: ${typeof value === 'object' ? listed(value) : plain(value)}`;
}

const plain = (value: unknown): string =>
  typeof value === 'string' ? value : JSON.stringify(value);

const listed = (value: object): string =>
  Object.entries(value)
    .filter(([, part]) => part !== null && part !== undefined)
    .map(([key, part]) => (key === 'kind' ? plain(part) : `${key} ${plain(part)}`))
    .join(', ');
