import type { Kitchen } from '@idle-kettle/contract';
import type {
  DayAnswer,
  DaySheet,
  DaySheetDto,
  SheetDocument,
} from '@idle-kettle/contract/daySheet';
import { HEAT_SOURCES } from '@idle-kettle/core';
import { crewOf, teamOf, type Change, type DayAct } from '@idle-kettle/core/schedule';
import { say } from '@idle-kettle/words';
import { format } from 'date-fns';

const MIN_MS = 60_000;
const STEP_MS = 5 * MIN_MS;
/** A day begins at this hour where nobody says. */
const BEGINS_AT = 9;
/** Half-pints in a canner nobody described: a usual one. */
const CANNER_HOLDS = 7;

/** What of a sheet is changed and kept. */
export const documentOf = ({ id: _, version: __, ...document }: DaySheet): SheetDocument =>
  document;

/** A sheet for the next morning in a kitchen, with its burners and its canner. */
export function newSheet(
  kitchen: Pick<Kitchen, 'burners' | 'pots' | 'cannerHolds'>,
  me: string | null,
  nowMs: number,
  batches: SheetDocument['batches'] = [],
): DaySheetDto {
  const from = new Date(nowMs);
  if (from.getHours() >= BEGINS_AT) from.setDate(from.getDate() + 1);
  from.setHours(BEGINS_AT, 0, 0, 0);
  const of = (vessel: 'burner' | 'slow cooker') =>
    (kitchen.burners ?? []).filter(({ heat }) => HEAT_SOURCES[heat].vessel === vessel);
  const burners = of('burner').map(({ name }) => ({ name }));
  return {
    id: crypto.randomUUID(),
    name: format(from, 'EEEE, d MMMM'),
    from: from.toISOString(),
    finishBy: null,
    people: [{ name: me ?? say('days.you') }],
    burners: burners.length > 0 ? burners : [{ name: say('days.burnerOf', { nth: 1 }) }],
    slowCookers: of('slow cooker').map(({ name }) => ({ name })),
    canners: [
      {
        name: say('days.canner'),
        halfPints: kitchen.cannerHolds ?? CANNER_HOLDS,
      },
    ],
    // A kitchen that names no pot has as many as it wants.
    ...(kitchen.pots.length === 0 ? {} : { pots: kitchen.pots.map(({ name }) => ({ name })) }),
    breaks: [],
    batches: [...batches],
    ticks: [],
  };
}

/** Rounded to five minutes. */
export const toFiveMinutes = (ms: number): number => Math.round(ms / STEP_MS) * STEP_MS;

/** What is wished of one batch. */
const wished = (
  document: SheetDocument,
  of: string,
  change: Partial<SheetDocument['batches'][number]>,
): SheetDocument => ({
  ...document,
  batches: document.batches.map((batch) =>
    batch.batchId === of ? { ...batch, ...change } : batch,
  ),
});

/** A batch begins no sooner than a moment; null for as soon as it goes. */
export const begunAt = (document: SheetDocument, of: string, ms: number | null): SheetDocument =>
  wished(document, of, { notBefore: ms === null ? null : new Date(ms).toISOString() });

/** The fruit of a batch keeps until a moment; null for as long as anybody likes. */
export const keptUntil = (document: SheetDocument, of: string, ms: number | null): SheetDocument =>
  wished(document, of, { keepsUntil: ms === null ? null : new Date(ms).toISOString() });

/** A batch is made by one person; null for whoever is free. */
export const madeBy = (document: SheetDocument, of: string, person: number | null): SheetDocument =>
  wished(document, of, { person });

/** A batch more; one that is there already stays as it is. */
export const withBatch = (document: SheetDocument, batchId: string): SheetDocument =>
  document.batches.some((batch) => batch.batchId === batchId)
    ? document
    : { ...document, batches: [...document.batches, { batchId }] };

/** A person less: what was theirs is anybody’s. */
function withoutPerson(document: SheetDocument, name: string): SheetDocument {
  const person = document.people.findIndex((one) => one.name === name);
  if (person < 0) return document;
  return {
    ...document,
    people: document.people.filter((_, index) => index !== person),
    batches: document.batches.map((batch) =>
      batch.person == null || batch.person < person
        ? batch
        : { ...batch, person: batch.person === person ? null : batch.person - 1 },
    ),
  };
}

/** A batch less, with what was ticked of it. */
export const withoutBatch = (document: SheetDocument, of: string): SheetDocument => ({
  ...document,
  batches: document.batches.filter(({ batchId }) => batchId !== of),
  ticks: document.ticks.filter(({ batchId }) => batchId !== of),
});

/** A change that makes the day come out. */
export function withChange(
  document: SheetDocument,
  change: Change,
  finishMs: number,
): SheetDocument {
  switch (change.kind) {
    case 'leave out':
      return withoutBatch(document, document.batches[change.of]?.batchId ?? '');
    case 'finish later':
      return { ...document, finishBy: new Date(upToFive(finishMs)).toISOString() };
    case 'one more':
      return oneMore(document, change.resource);
  }
}

const upToFive = (ms: number): number => Math.ceil(ms / STEP_MS) * STEP_MS;

/** What a sheet lists by name. */
export type SheetList = 'people' | 'burners' | 'pots' | 'bowls' | 'slow cookers' | 'canners';

const FIELDS = {
  people: 'people',
  burners: 'burners',
  pots: 'pots',
  bowls: 'bowls',
  'slow cookers': 'slowCookers',
  canners: 'canners',
} as const;

/** One of a list by another name. */
export const renamed = (
  document: SheetDocument,
  list: SheetList,
  from: string,
  name: string,
): SheetDocument => ({
  ...document,
  [FIELDS[list]]: (document[FIELDS[list]] ?? []).map((one) =>
    one.name === from ? { ...one, name } : one,
  ),
});

/** One of a list less. */
export const without = (document: SheetDocument, list: SheetList, name: string): SheetDocument =>
  list === 'people'
    ? withoutPerson(document, name)
    : {
        ...document,
        [FIELDS[list]]: (document[FIELDS[list]] ?? []).filter((one) => one.name !== name),
      };

/** One more of something, by a name of its own. */
export function oneMore(document: SheetDocument, resource: SheetList): SheetDocument {
  const named = (of: readonly { readonly name: string }[], nameOf: (nth: number) => string) => {
    let nth = of.length + 1;
    while (of.some(({ name }) => name === nameOf(nth))) nth += 1;
    return { name: nameOf(nth) };
  };
  const { people, burners, slowCookers, canners, pots, bowls } = document;
  switch (resource) {
    case 'people':
      return {
        ...document,
        people: [...people, named(people, (nth) => say('days.helperOf', { nth }))],
      };
    case 'burners':
      return {
        ...document,
        burners: [...burners, named(burners, (nth) => say('days.burnerOf', { nth }))],
      };
    case 'pots':
      return {
        ...document,
        pots: [...(pots ?? []), named(pots ?? [], (nth) => say('days.potOf', { nth }))],
      };
    case 'bowls':
      return {
        ...document,
        bowls: [...(bowls ?? []), named(bowls ?? [], (nth) => say('days.bowlOf', { nth }))],
      };
    case 'slow cookers':
      return {
        ...document,
        slowCookers: [
          ...slowCookers,
          named(slowCookers, (nth) => say('days.slowCookerOf', { nth })),
        ],
      };
    case 'canners':
      return {
        ...document,
        canners: [
          ...canners,
          {
            ...named(canners, (nth) => say('days.cannerOf', { nth })),
            halfPints: canners.at(-1)?.halfPints ?? CANNER_HOLDS,
          },
        ],
      };
  }
}

/** What comes before the stove, which no log of a cook tells. */
const BEFORE_THE_STOVE: ReadonlySet<string> = new Set([
  'extract',
  'drip',
  'clot-test',
  'infuse',
  'slice',
  'soak',
  'drain',
  'sauce',
  'puree',
  'empty-jars',
  'prepare',
  'carry-pectin',
]);

/** The act of a batch that can be ticked next; null where its cook tells, or nothing is left. */
export function tickable(
  { day, batches }: Pick<DayAnswer, 'day' | 'batches'>,
  of: number,
): DayAct | null {
  if (batches[of]?.cookId != null) return null;
  const next = day?.acts.find((act) => act.of === of);
  return next !== undefined && BEFORE_THE_STOVE.has(next.act) ? next : null;
}

/** An act is done now. */
export const withTick = (
  document: SheetDocument,
  batchId: string,
  act: DayAct['act'],
  nowMs: number,
): SheetDocument => {
  const name = act === 'prepare' ? 'weigh' : act;
  return document.ticks.some((tick) => tick.batchId === batchId && tick.act === name)
    ? document
    : {
        ...document,
        ticks: [...document.ticks, { batchId, act: name, at: new Date(nowMs).toISOString() }],
      };
};

/** What is held, by the name that the sheet gives it: `burner 2` → `Back burner`. */
export function thingName(sheet: SheetDocument, held: string): string {
  const at = held.lastIndexOf(' ');
  const kind = held.slice(0, at);
  const nth = Number(held.slice(at + 1)) - 1;
  const list = LIST_OF[kind];
  const name = list === undefined ? undefined : sheet[FIELDS[list]]?.[nth]?.name;
  return name ?? (kind === 'oven' ? say('days.oven') : held);
}

/** In which list a thing stands that goes by its kind. */
const LIST_OF: { readonly [kind: string]: SheetList } = {
  burner: 'burners',
  'slow cooker': 'slow cookers',
  canner: 'canners',
  bowl: 'bowls',
};

/** Who works by themselves, or with others of a crew: one line of hands each. */
export type Worker = { readonly person: number; readonly name: string };

/** The lines of hands of a sheet: everybody, or the teams of a crew. */
export function workersOf(sheet: SheetDocument): readonly Worker[] {
  const { people, burners, slowCookers, batches } = sheet;
  const crew = crewOf({
    people: people.length,
    burners: burners.length,
    slowCookers: slowCookers.length,
    batches,
  });
  return Array.from({ length: crew.teams }, (_, person) => ({
    person,
    name: teamOf(person, crew, people.length)
      .map((one) => people[one]?.name ?? '')
      .join(', '),
  }));
}
