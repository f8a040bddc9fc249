import type { Stage } from '../boil/index.ts';
import type { Contents } from '../formula/index.ts';
import { isSugar } from '../method/index.ts';
import type { Range } from '../quantity/index.ts';
import { isEmptied, massOfLines, type UnderstoodLine } from '../parser/index.ts';
import type { EventKind } from './event.ts';

/** When and where an act is done. */
export type Phase = 'day-before' | 'prepare' | 'stove' | 'jars' | 'after';

/** What is done; its words are a table beside the interface. */
export type ActId =
  | 'extract'
  | 'drip'
  | 'clot-test'
  | 'infuse'
  | 'slice'
  | 'soak'
  | 'drain'
  | 'sauce'
  | 'puree'
  | 'empty-jars'
  | 'weigh'
  | 'carry-pectin'
  | 'light'
  | 'to-boil'
  | 'soften'
  | 'slow'
  | 'add'
  | 'dissolve'
  | 'to-rolling'
  | 'clock'
  | 'boil-down'
  | 'reduce'
  | 'whisk'
  | 'plate'
  | 'mound'
  | 'strain'
  | 'stand'
  | 'fill'
  | 'load'
  | 'heat-canner'
  | 'process'
  | 'rest'
  | 'out'
  | 'chill'
  | 'cool'
  | 'press-lids'
  | 'label'
  | 'shelf';

/**
 * What goes in together. Each is in the chain once, and counts once however often it is pressed.
 */
export type AdditionId =
  | 'sugar'
  | 'pectin'
  | 'sugar-and-pectin'
  | 'against-foam'
  | 'at-the-end'
  | 'emptied-jars'
  | 'together';

/** What goes in during an act. */
export type Addition = {
  readonly id: AdditionId;
  readonly massG: number;
  readonly contents: Contents;
};

/** Something that an act handles, by name, g; whether it sweetens with sugar. */
export type Used = {
  readonly name: string;
  readonly massG: number;
  /** Its line as the cook wrote it; absent for what was made, such as juice through a cloth. */
  readonly written?: string;
  /** It comes out of jars. */
  readonly emptied?: true;
  readonly sweetens?: true;
};

/** What an act on the boil is told to do when a test comes out so. */
export type Next = 'next act' | { readonly boilOnMin: number };

/** An event that ends an act, what it says where that matters, and what it means. */
export type End = { readonly on: EventKind; readonly said?: string; readonly then: Next };

/**
 * How long an act takes: by a clock, until something is seen or read, or as long as hands need.
 * Minutes are null where only the pot decides.
 */
export type Takes = {
  readonly by: 'clock' | 'sign' | 'hand';
  readonly minutes: number | null;
};

/** One link of the chain: what, how long, who, on what, and what ends it. */
export type Act = {
  readonly id: ActId;
  readonly phase: Phase;
  readonly takes: Takes;
  /** Whose hands it needs, and how long. */
  readonly hands: 'all the time' | 'now and then' | 'none';
  readonly holds: 'burner' | 'slow cooker' | 'oven' | 'canner' | 'bowl' | 'fridge' | null;
  /** How long the act after it may be put off, minutes. */
  readonly mayWaitMin: number;
  /** What it handles: of the pot, of what comes first, of what goes in. */
  readonly uses: readonly Used[];
  readonly adds: Addition | null;
  /** Share of the burner's power that it asks for. */
  readonly flame: number;
  readonly lid: boolean;
  /** What ends it; the first is the usual. Empty where no event of the stove's log does. */
  readonly ends: readonly End[];
  /**
   * Whether the chain stands still until it is done: a flame, what goes in before the stop, a
   * rolling boil.
   */
  readonly mustEnd: boolean;
  /**
   * Whether the cook is over with it: what follows no longer changes the pot but for what goes in.
   */
  readonly endsCook: boolean;
  /** What the pot goes through while it lasts. */
  readonly ahead: readonly Stage[];
  /** Of a boil: that it is come back to, after something went in. */
  readonly again?: true;
  /** Of `soften`: what. */
  readonly softens?: 'fruit' | 'peel';
  /** Of what comes first: water that goes in, and what it should give, or gave. */
  readonly waterG?: number;
  readonly gives?: Gives;
};

/** What an act before the pot gives, g and mL; `measured` once it was. */
export type Gives = {
  readonly massG: Range;
  readonly volumeMl: Range;
  readonly measured: boolean;
};

/** An act from what is special about it. */
export const act = (given: Partial<Act> & Pick<Act, 'id' | 'phase'>): Act => ({
  takes: { by: 'hand', minutes: null },
  hands: 'all the time',
  holds: null,
  mayWaitMin: 0,
  uses: [],
  adds: null,
  flame: 0,
  lid: false,
  ends: [],
  mustEnd: false,
  endsCook: false,
  ahead: [],
  ...given,
});

/**
 * An act ends by a clock of so many minutes.
 * @param minutes null where nobody can tell them
 */
export const byClock = (minutes: number | null): Takes => ({ by: 'clock', minutes });

/** An act ends by something seen or read. */
export const BY_SIGN: Takes = { by: 'sign', minutes: null };

/** An event ends an act, and the next one follows. */
export const endsBy = (on: EventKind): readonly End[] => [{ on, then: 'next act' }];

/** Lines as what an act handles; what comes out of jars is one thing. */
export const usedOf = (lines: readonly UnderstoodLine[]): readonly Used[] => [
  ...emptiedOf(lines.filter(isEmptied)),
  ...lines.filter((line) => !isEmptied(line)).map(asWritten),
];

const emptiedOf = (lines: readonly UnderstoodLine[]): readonly Used[] =>
  lines.length === 0 ? [] : [{ name: '', massG: massOfLines(lines), emptied: true }];

const asWritten = (line: UnderstoodLine): Used => ({
  name: line.ingredient.name,
  massG: line.massG.typical,
  ...(line.text === '' ? {} : { written: line.text }),
  ...(isSugar(line) ? { sweetens: true } : {}),
});
