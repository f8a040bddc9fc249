/** Something that is not as it seems in a practice cook. */
export type FaultId = 'none' | 'thermometer-low' | 'high-kitchen' | 'ripe-fruit' | 'double-batch';

/** What a fault of a practice is called, what is told of it before, and what it teaches. */
export type FaultFacts = {
  readonly name: string;
  /** What is told before the cook. */
  readonly told: string;
  /** What the practice is about, told in the debrief. */
  readonly lesson: string;
};

export const FAULTS: { readonly [id in FaultId]: FaultFacts } = {
  none: {
    name: 'Nothing wrong',
    told: 'A cook as it should be.',
    lesson: 'Nothing was wrong: what was practised is the order, and stopping in time.',
  },
  'thermometer-low': {
    name: 'A thermometer that lies',
    told: 'This thermometer was dropped last week.',
    lesson:
      'The thermometer read 3 °F (1.7 °C) low. Boiling water shows it in a minute; by such a thermometer alone a pot is boiled too far.',
  },
  'high-kitchen': {
    name: 'A kitchen in the hills',
    told: 'A holiday kitchen. Nobody has said how high it lies.',
    lesson:
      'The kitchen lies at 1,600 m, where water boils near 94.7 °C. The sea-level stop is far beyond the right one there: boiling water tells.',
  },
  'ripe-fruit': {
    name: 'Fruit past its best',
    told: 'The fruit was cheap, and very sweet.',
    lesson:
      'The fruit was over-ripe: less pectin, less acid. The thermometer reached the stop and the drop still ran; lemon juice or pectin mends that, more boiling does not.',
  },
  'double-batch': {
    name: 'Twice the batch',
    told: 'There was so much fruit that everything was doubled.',
    lesson:
      'Twice the batch on the same burner boils about twice as long, and long boiling wears pectin away. Two pots, one after the other, set better.',
  },
};

export const FAULT_IDS = Object.keys(FAULTS) as readonly FaultId[];
