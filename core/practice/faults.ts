import { message, type Text } from '@idle-kettle/words/message';
/** Something that is not as it seems in a practice cook. */
export type FaultId = 'none' | 'thermometer-low' | 'high-kitchen' | 'ripe-fruit' | 'double-batch';

/** What a fault of a practice is called, what is told of it before, and what it teaches. */
export type FaultFacts = {
  readonly name: Text;
  /** What is told before the cook. */
  readonly told: Text;
  /** What the practice is about, told in the debrief. */
  readonly lesson: Text;
};

export const FAULTS: { readonly [id in FaultId]: FaultFacts } = {
  none: {
    name: message('practice.nothingWrong'),
    told: message('practice.aBatchAsItShould'),
    lesson: message('practice.nothingWasWrongYouPracticed'),
  },
  'thermometer-low': {
    name: message('practice.aThermometerThatReadsLow'),
    told: message('practice.thisThermometerWasDroppedLast'),
    lesson: message('practice.theThermometerRead3F'),
  },
  'high-kitchen': {
    name: message('practice.aKitchenInTheHills'),
    told: message('practice.aHolidayKitchenNobodyKnows'),
    lesson: message('practice.theKitchenIsAt1'),
  },
  'ripe-fruit': {
    name: message('practice.overripeFruit'),
    told: message('practice.theFruitWasCheapAnd'),
    lesson: message('practice.theFruitWasOverripeLess'),
  },
  'double-batch': {
    name: message('practice.aDoubleBatch'),
    told: message('practice.thereWasSoMuchFruit'),
    lesson: message('practice.aDoubleBatchOnThe'),
  },
};

export const FAULT_IDS = Object.keys(FAULTS) as readonly FaultId[];
