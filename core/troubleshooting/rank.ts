import type { BatchCase } from './batchCase.ts';
import { CAUSES_OF, HARDLY, MEETS, type Cause, type CauseId, type Shows } from './causes.ts';
import type { Fact, Symptom } from './facts.ts';
import { ASKED_BY, FINDINGS, type FindingId, type Findings } from './findings.ts';

/** A cause with its share, 0 to 1, and the findings that speak for it, the strongest first. */
export type Ranked = {
  readonly code: CauseId;
  readonly share: number;
  readonly evidence: readonly FindingId[];
};

const entriesOf = <K extends string, V>(of: { readonly [key in K]?: V }) =>
  Object.entries(of) as [K, V][];

/**
 * How likely a level of a finding is under a cause; 0 to 1. Levels that the cause says nothing of
 * share what it leaves as they do in batches of which nothing is known.
 */
export function likelihood(shows: Shows, finding: FindingId, level: string): number {
  const usual = FINDINGS[finding] as { readonly [level: string]: number };
  const own = shows[finding] as { readonly [level: string]: number } | undefined;
  if (own === undefined) return usual[level] ?? 0;
  const said = own[level];
  if (said !== undefined) return said;
  const sum = (of: { readonly [level: string]: number }, among: readonly string[]) =>
    among.reduce((total, name) => total + (of[name] ?? 0), 0);
  const rest = Object.keys(usual).filter((name) => own[name] === undefined);
  return ((1 - sum(own, Object.keys(own))) * (usual[level] ?? 0)) / sum(usual, rest);
}

const shared = (weights: readonly (readonly [CauseId, number])[]) => {
  const total = weights.reduce((sum, [, weight]) => sum + weight, 0);
  return weights.map(([code, weight]) => [code, weight / total] as const);
};

const priorOf = ({ prior, needs }: Cause, of: BatchCase): number =>
  needs === undefined || MEETS[needs](of) ? prior : prior * HARDLY;

/** What a formula foretells weighs as a power of what was seen: fruit and hands differ. Judgement. */
const FORETOLD = 0.6;

/** Shares of the causes of a symptom, by what was found: unknown findings say nothing. */
function sharesOf(symptom: Symptom, of: BatchCase, { told, foretold }: Findings) {
  const weigh = (cause: Cause, found: Findings['told'], power: number): number =>
    entriesOf<FindingId, string>(found).reduce(
      (weight, [finding, level]) => weight * likelihood(cause.shows, finding, level) ** power,
      1,
    );
  return shared(
    entriesOf<CauseId, Cause>(CAUSES_OF[symptom]).map(([code, cause]) => [
      code,
      priorOf(cause, of) * weigh(cause, told, 1) * weigh(cause, foretold, FORETOLD),
    ]),
  );
}

/** A finding that makes its cause so many times likelier than usual speaks for it. */
const SPEAKS = 1.4;

/** The causes of a symptom, the likeliest first. */
export const ranked = (symptom: Symptom, of: BatchCase, found: Findings): readonly Ranked[] =>
  sharesOf(symptom, of, found)
    .map(([code, share]) => {
      const cause = CAUSES_OF[symptom][code];
      const speaks = entriesOf<FindingId, string>({ ...found.foretold, ...found.told })
        .map(([finding, level]) => {
          const usual = (FINDINGS[finding] as { readonly [level: string]: number })[level] ?? 1;
          return { finding, times: likelihood(cause?.shows ?? {}, finding, level) / usual };
        })
        .filter(({ times }) => times > SPEAKS)
        .toSorted((a, b) => b.times - a.times);
      return { code, share, evidence: speaks.map(({ finding }) => finding) };
    })
    .toSorted((a, b) => b.share - a.share);

const entropy = (shares: readonly (readonly [CauseId, number])[]): number =>
  shares.reduce((sum, [, share]) => (share > 0 ? sum - share * Math.log2(share) : sum), 0);

/** A question that is expected to tell less than this of the cause is not asked, bits. */
const LEAST_BITS = 0.02;
/** Once a cause has so large a share, nothing more is asked. */
const DECIDED = 0.9;

/**
 * What to ask for, the most telling first: each by how much its answer is expected to narrow the
 * causes, over all answers that it may have.
 */
export function questionsFor(symptom: Symptom, of: BatchCase, found: Findings): readonly Fact[] {
  const now = sharesOf(symptom, of, found);
  if (now.some(([, share]) => share >= DECIDED)) return [];
  const before = entropy(now);
  return (Object.keys(FINDINGS) as FindingId[])
    .filter((finding) => found.told[finding] === undefined && ASKED_BY[finding].length > 0)
    .map((finding) => ({ finding, bits: before - expectedAfter(symptom, of, found, finding) }))
    .filter(({ bits }) => bits > LEAST_BITS)
    .toSorted((a, b) => b.bits - a.bits)
    .flatMap(({ finding }) => ASKED_BY[finding][0] ?? []);
}

/** Entropy that is to be expected once a finding is known, bits. */
function expectedAfter(
  symptom: Symptom,
  of: BatchCase,
  { told, foretold }: Findings,
  finding: FindingId,
): number {
  // What is seen takes the place of what was foretold.
  const { [finding]: _, ...others } = foretold;
  const now = sharesOf(symptom, of, { told, foretold: others });
  return Object.keys(FINDINGS[finding]).reduce((sum, level) => {
    const chance = now.reduce(
      (total, [code, share]) =>
        total + share * likelihood(CAUSES_OF[symptom][code]?.shows ?? {}, finding, level),
      0,
    );
    return (
      sum +
      chance *
        entropy(sharesOf(symptom, of, { told: { ...told, [finding]: level }, foretold: others }))
    );
  }, 0);
}
