import type { HeatId } from '../boil/index.ts';
import { numberAt } from '../parser/numbers.ts';
import { tokensOf, type Token } from '../parser/tokens.ts';
import type { PretreatmentKind } from '../pretreatment/index.ts';

/** Something that the text of a method says of how it is made, with the words that say it. */
export type MethodFinding = { readonly text: string } & (
  | { readonly kind: 'heat'; readonly heat: HeatId }
  /** Minutes with the lid on, in something slow. */
  | { readonly kind: 'lid'; readonly minutes: number }
  /** Minutes at a full boil, for methods that stop by the clock. */
  | { readonly kind: 'boil'; readonly minutes: number }
  /** What comes first, and its hours where they are said. */
  | { readonly kind: 'first'; readonly first: PretreatmentKind; readonly hours: number | null }
  | { readonly kind: 'store'; readonly place: 'fridge' | 'freezer' }
  /** What the thermometer shows when it is done, at the altitude of whoever wrote it. */
  | { readonly kind: 'stop'; readonly tempC: number }
  /** Minutes in the canner, as whoever wrote it gives them. */
  | { readonly kind: 'process'; readonly minutes: number }
);

/** A time as it is written, minutes. */
type Time = { readonly low: number; readonly high: number };

/** What cooks mean by it where no clock is named; common practice. */
const OVERNIGHT: Time = { low: 8 * 60, high: 12 * 60 };

const HOUR_WORDS = new Set(['hour', 'hours', 'hr', 'hrs', 'h']);
const MINUTE_WORDS = new Set(['minute', 'minutes', 'min', 'mins']);

/** Each of these is about something else than the pot. */
const OF_THE_JARS = /\b(?:jars?|lids on|plates?|saucers?|bottles?|steril\w+)\b/i;
const OF_THE_CANNER = /\b(?:process|canner|water[- ]bath)\b/i;
const SLOW_COOKER = /\bslow[- ]?cook(?:er)?\b/i;
const OVEN = /\b(?:in|into) (?:the|a|an) (?:\w+ ){0,2}oven\b|\broasting (?:pan|tin)\b/i;
const LID_OFF =
  /\b(?:uncover\w*|(?:lid|cover) (?:\w+ )?(?:off|ajar|propped|askew|cracked)|(?:without (?:a|the|its)|no) lid|(?:remove|take off|lift|prop|take) (?:the )?lid|partly covered)\b/i;
const LID_ON =
  /\b(?:covered|cover(?! (?:the (?:fruit|berries|peel|petals)|them|it|with))|lid on|put (?:the|a|on the) lid|with (?:the|a|its) lid)\b/i;
/** On for the first hours and off for the last: which hours are which is not guessed. */
const LID_BOTH = /\b(?:lid|covered)\b.*\bon\b.*\boff\b/i;
/** Pips tied in muslin drip nowhere. */
const DRIPS =
  /\b(?:jelly[- ]bag|drip\w*|(?:strain\w*|through)\b.*\b(?:muslin|cheesecloth|cloth))\b/i;
const STANDS = /\b(?:stand\w*|sit\w*|macerat\w*|steep\w*|soak\w*|rest\w*|leave|left|infus\w*)\b/i;
const INFUSES = /\b(?:infus\w*|petals?|blossoms?|flowers?|mint|herbs?|leaves|tea)\b/i;
const FULL_BOIL = /\b(?:rolling boil|boil(?:ing)?\b(?! water))/i;
/** A shorter boil than this is one by the clock, min; fruit and peel are cooked soft for longer. */
const MOST_BOIL_MIN = 10;
const SOFTENS = /\b(?:soft\w*|tender|simmer\w*|peel|rind|juice out)\b/i;
const FRIDGE = /\b(?:refrigerat\w*|(?:in|into) (?:the|a|your) fridge)\b/i;
const FREEZER = /\bfreez(?:e|er|ing)\b/i;
/** An opened jar belongs into the fridge wherever it stood. */
const ONCE_OPEN = /\bopen(?:ed|ing)?\b/i;

/** One step of what is done: a sentence, or what stands before or after `then`. */
const clausesOf = (text: string): readonly string[] =>
  text
    .split(
      /(?<=[.!?;])\s+|\n+|,?\s+(?:and )?then\s+|,\s+(?=(?:and )?(?:uncover|cover|remove|take|prop)\b)/i,
    )
    .map((clause) => clause.replace(/^[\s,\d.)]*(?=\p{L})/u, '').trim())
    .filter((clause) => clause !== '');

/** Every time in a clause; overnight is one. */
function timesIn(tokens: readonly Token[]): readonly Time[] {
  const found: Time[] = [];
  for (let at = 0; at < tokens.length; at += 1) {
    if (tokens[at]?.lower === 'overnight') found.push(OVERNIGHT);
    const read = numberAt(tokens, at);
    if (read === null) continue;
    // `half an hour`, `1 or 2 more hours`
    const unit = [0, 1, 2]
      .map((ahead) => tokens[read.next + ahead]?.lower ?? '')
      .find((word) => HOUR_WORDS.has(word) || MINUTE_WORDS.has(word));
    if (unit === undefined) continue;
    const times = HOUR_WORDS.has(unit) ? 60 : 1;
    found.push({ low: read.low * times, high: read.high * times });
    at = read.next - 1;
  }
  return found;
}

/** A temperature at which a jam may be done, °C; null for none. */
function stopIn(clause: string): number | null {
  for (const [, digits = '', scale = ''] of clause.matchAll(
    /(\d{2,3}(?:\.\d)?)\s*(?:°|º|degrees?|deg)?\s*([CF])\b/gi,
  )) {
    const tempC = scale.toUpperCase() === 'C' ? Number(digits) : (Number(digits) - 32) / 1.8;
    if (tempC >= LEAST_STOP_C && tempC <= MOST_STOP_C) return tempC;
  }
  return null;
}

/** Stops of jams between high mountains and the sea, °C. */
const LEAST_STOP_C = 96;
const MOST_STOP_C = 109;

/** The setting of a slow cooker that a text names; null where it names none or both. */
function slowCookerIn(text: string): HeatId | null {
  const [low, high] = [
    /\b(?:on|to|low) low\b|\blow (?:heat|setting)\b/i,
    /\b(?:on|to) high\b|\bhigh setting\b/i,
  ].map((setting) => setting.test(text));
  if (low === high) return null;
  return low === true ? 'slow-cooker-low' : 'slow-cooker-high';
}

/**
 * Searches the steps of a recipe for what they say of heat, lid, time, first steps, stop, canner
 * and storage. Nothing is taken from it by itself: each finding is shown, to be used or not.
 * @param lines the steps as they were written
 * @returns at most one finding of each kind, in the order of the text
 */
export function readMethodText(lines: readonly string[]): readonly MethodFinding[] {
  const whole = lines.join('\n');
  const clauses = clausesOf(whole);
  const slow = SLOW_COOKER.test(whole) ? slowCookerIn(whole) : null;
  const found = clauses.flatMap((clause) => findingsIn(clause, slow, OVEN.test(whole)));
  const lid = found.filter((one) => one.kind === 'lid');
  const lidMin = lid.reduce((sum, { minutes }) => sum + minutes, 0);
  const seen = new Set<string>();
  return found
    .filter(({ kind }) => !seen.has(kind) && seen.add(kind))
    .map((one) => (one.kind === 'lid' ? { ...one, minutes: lidMin } : one));
}

function findingsIn(clause: string, slow: HeatId | null, oven: boolean): readonly MethodFinding[] {
  const text = clause.replace(/[.;,]$/, '');
  const times = timesIn(tokensOf(clause));
  const longest = times.reduce<Time | null>(
    (most, time) => (most === null || time.high > most.high ? time : most),
    null,
  );
  if (OF_THE_CANNER.test(clause))
    return longest === null ? [] : [{ kind: 'process', minutes: longest.low, text }];
  const place = storedIn(clause);
  if (place !== null) return [{ kind: 'store', place, text }];
  if (OF_THE_JARS.test(clause)) return [];
  const found: MethodFinding[] = [];
  if (slow !== null && SLOW_COOKER.test(clause)) found.push({ kind: 'heat', heat: slow, text });
  else if (OVEN.test(clause)) found.push({ kind: 'heat', heat: 'oven', text });
  const first = firstIn(clause, longest);
  if (first !== null) return [...found, { kind: 'first', ...first, text }];
  if (slow !== null || oven) {
    if (LID_BOTH.test(clause)) return found;
    if (LID_OFF.test(clause)) found.push({ kind: 'lid', minutes: 0, text });
    else if (LID_ON.test(clause) && longest !== null)
      found.push({ kind: 'lid', minutes: (longest.low + longest.high) / 2, text });
  }
  if (FULL_BOIL.test(clause) && !SOFTENS.test(clause)) {
    const boil = times.find(({ high }) => high <= MOST_BOIL_MIN);
    if (boil !== undefined) found.push({ kind: 'boil', minutes: boil.low, text });
  }
  const tempC = stopIn(clause);
  if (tempC !== null) found.push({ kind: 'stop', tempC, text });
  return found;
}

/**
 * Where a clause says that the jars are kept; null for nowhere, and for a cold plate or an opened
 * jar.
 */
function storedIn(clause: string): 'fridge' | 'freezer' | null {
  if (ONCE_OPEN.test(clause) || /\b(?:plates?|saucers?)\b/i.test(clause)) return null;
  if (FREEZER.test(clause)) return 'freezer';
  return FRIDGE.test(clause) && !/\bovernight\b/i.test(clause) ? 'fridge' : null;
}

/** The least that is a step of its own, min. */
const LEAST_STANDING_MIN = 60;

function firstIn(
  clause: string,
  longest: Time | null,
): { readonly first: PretreatmentKind; readonly hours: number | null } | null {
  const hours = longest === null ? null : Math.round((longest.low + longest.high) / 120);
  if (DRIPS.test(clause)) return { first: 'extract', hours };
  if (longest === null || longest.high < LEAST_STANDING_MIN || !STANDS.test(clause)) return null;
  if (SLOW_COOKER.test(clause) || OVEN.test(clause)) return null;
  return { first: INFUSES.test(clause) ? 'infuse' : 'soak', hours };
}
