import { ACTS } from './acts.ts';
import { ADVICE } from './advice.ts';
import { API } from './api.ts';
import { BALANCE } from './balance.ts';
import { BATCHES } from './batches.ts';
import { BOOK } from './book.ts';
import { CORE } from './core.ts';
import { DAYS } from './days.ts';
import { DRAWINGS } from './drawings.ts';
import { FORECAST } from './forecast.ts';
import { FORMATS } from './formats.ts';
import { INGREDIENTS } from './ingredients.ts';
import { JARS } from './jars.ts';
import { JARS_ASKED_ABOUT } from './jarsAskedAbout.ts';
import { KITCHEN } from './kitchen.ts';
import { LABEL } from './label.ts';
import { LABELS } from './labels.ts';
import { METHOD } from './method.ts';
import { PARSER } from './parser.ts';
import { PEOPLE } from './people.ts';
import { PLAN } from './plan.ts';
import { PRACTICE } from './practice.ts';
import { PREPARE } from './prepare.ts';
import { PROBLEMS } from './problems.ts';
import { PROCESS } from './process.ts';
import { RECIPES } from './recipes.ts';
import { REQUESTS } from './requests.ts';
import { SHELF } from './shelf.ts';
import { SOLVE } from './solve.ts';
import { SPEECH } from './speech.ts';
import { STOVE } from './stove.ts';
import { TODAY } from './today.ts';
import { TROUBLE } from './trouble.ts';
import { UI } from './ui.ts';

/** Every message in US English, by its id: the room that says it, and what it says. */
export const EN_US = {
  ...ACTS,
  ...ADVICE,
  ...API,
  ...BALANCE,
  ...BATCHES,
  ...BOOK,
  ...CORE,
  ...DAYS,
  ...DRAWINGS,
  ...FORECAST,
  ...FORMATS,
  ...INGREDIENTS,
  ...JARS,
  ...JARS_ASKED_ABOUT,
  ...KITCHEN,
  ...LABEL,
  ...LABELS,
  ...METHOD,
  ...PARSER,
  ...PEOPLE,
  ...PLAN,
  ...PRACTICE,
  ...PREPARE,
  ...PROBLEMS,
  ...PROCESS,
  ...RECIPES,
  ...REQUESTS,
  ...SHELF,
  ...SOLVE,
  ...SPEECH,
  ...STOVE,
  ...TODAY,
  ...TROUBLE,
  ...UI,
} as const;
