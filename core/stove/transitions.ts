import type { StoveEventKind } from '../chain/index.ts';

/**
 * How the pot stands, whichever act is on: not lit yet · on the heat · lifted off for a moment, its
 * act still on · boiling on because a test asked for minutes more · off the heat, as its act asks ·
 * in the jars.
 */
export const STOVE_STATES = ['cold', 'heated', 'lifted', 'boiling on', 'off', 'filled'] as const;
/** One of {@link STOVE_STATES}. */
export type StoveState = (typeof STOVE_STATES)[number];

/**
 * What an event does there: `light` the flame · `lift` the pot off its act for a moment · `stop`
 * the heat, which ends the act that waits for it · `return` to the heat and the act · `add` what
 * the chain asks for · `test` the set · `end` the act that waits for this event, or a later one
 * that may be gone on to · `note` only.
 */
export type Transition = 'light' | 'lift' | 'stop' | 'return' | 'add' | 'test' | 'end' | 'note';

type Row = { readonly [kind in StoveEventKind]: Transition };

/**
 * What is only ever noted, in every state: it changes the pot, or what is known of it, but not
 * where the cook stands.
 */
const NOTED = {
  'in-water': 'note',
  'water-boils': 'note',
  flame: 'note',
  'lid-on': 'note',
  stirred: 'note',
  skimmed: 'note',
  'probe-out': 'note',
  'probe-in': 'note',
  undo: 'note',
} as const;

const TESTS = { 'plate-test': 'test', 'sheet-test': 'test', 'mound-test': 'test' } as const;

/** Signs that an act waits for. */
const SIGNS = {
  'lid-off': 'end',
  softened: 'end',
  dissolved: 'end',
  rolling: 'end',
  pureed: 'end',
  stood: 'end',
  ready: 'end',
} as const;

const NOTHING_ENDS = {
  'lid-off': 'note',
  softened: 'note',
  dissolved: 'note',
  rolling: 'note',
  pureed: 'note',
  stood: 'note',
  ready: 'note',
  'plate-test': 'note',
  'sheet-test': 'note',
  'mound-test': 'note',
} as const;

/** The table: in a state, what an event does. There is no other way from one state to the next. */
export const TRANSITIONS: { readonly [state in StoveState]: Row } = {
  cold: {
    ...NOTED,
    ...NOTHING_ENDS,
    lit: 'light',
    added: 'add',
    'off-heat': 'note',
    lifted: 'note',
    'on-heat': 'note',
  },
  heated: {
    ...NOTED,
    ...TESTS,
    ...SIGNS,
    lit: 'note',
    added: 'add',
    'off-heat': 'stop',
    lifted: 'lift',
    'on-heat': 'note',
  },
  lifted: {
    ...NOTED,
    ...TESTS,
    ...SIGNS,
    lit: 'return',
    added: 'add',
    'off-heat': 'stop',
    lifted: 'note',
    'on-heat': 'return',
  },
  'boiling on': {
    ...NOTED,
    ...TESTS,
    ...SIGNS,
    lit: 'note',
    added: 'add',
    'off-heat': 'stop',
    lifted: 'lift',
    'on-heat': 'note',
  },
  off: {
    ...NOTED,
    ...TESTS,
    ...SIGNS,
    lit: 'return',
    added: 'add',
    'off-heat': 'note',
    lifted: 'note',
    'on-heat': 'return',
  },
  filled: {
    ...NOTED,
    ...NOTHING_ENDS,
    lit: 'note',
    added: 'note',
    'off-heat': 'note',
    lifted: 'note',
    'on-heat': 'note',
  },
};
