import { ACTS } from './acts.ts';
import { API } from './api.ts';
import { BALANCE } from './balance.ts';
import { BATCHES } from './batches.ts';
import { DRAWINGS } from './drawings.ts';
import { JARS } from './jars.ts';
import { KITCHEN } from './kitchen.ts';
import { LABELS } from './labels.ts';
import { PRACTICE } from './practice.ts';
import { PREPARE } from './prepare.ts';
import { RECIPES } from './recipes.ts';
import { SPEECH } from './speech.ts';
import { STOVE } from './stove.ts';
import { UI } from './ui.ts';

/** Every message in US English, by its id: the room that says it, and what it says. */
export const EN_US = {
  ...ACTS,
  ...API,
  ...BALANCE,
  ...BATCHES,
  ...DRAWINGS,
  ...JARS,
  ...KITCHEN,
  ...LABELS,
  ...PRACTICE,
  ...PREPARE,
  ...RECIPES,
  ...SPEECH,
  ...STOVE,
  ...UI,
} as const;
