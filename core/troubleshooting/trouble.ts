import { message, sentences, type Text } from '@idle-kettle/words/message';
import type { PlanRequest } from '../evaluate/index.ts';
import type { Fault } from '../plan/index.ts';
import { roundTo } from '../quantity/index.ts';
import { batchCase, type BatchCase } from './batchCase.ts';
import type { CauseId } from './causes.ts';
import { discardReason, type DiscardReason } from './discard.ts';
import { evidenceInWords } from './evidence.ts';
import type { Fact, Facts, Symptom } from './facts.ts';
import { findingsOf, type FindingId, type Findings } from './findings.ts';
import { questionsFor, ranked } from './rank.ts';
import { waysNow, type WayNow } from './waysNow.ts';

/** What is asked about a batch that went wrong. */
export type TroubleRequest = {
  readonly symptom: Symptom;
  /** Its formula in its kitchen; null where nobody knows it. */
  readonly formula: PlanRequest | null;
  readonly facts: Facts;
};

/** A cause as it is told. */
export type ToldCause = {
  readonly code: CauseId;
  /** How likely it is, of all causes of the symptom; 0 to 1. */
  readonly share: number;
  /** What speaks for it. */
  readonly evidence: Text;
  /** What to do next time. */
  readonly remedy: Text;
};

/** What is the trouble with a batch. */
export type Trouble = {
  /** The likeliest first; those that hardly can be it are left out. */
  readonly causes: readonly ToldCause[];
  /** What to find out, the most telling first; empty once a cause is plain. */
  readonly ask: readonly Fact[];
  /** Whether it is to be thrown away, untasted. */
  readonly discard: boolean;
  readonly why: DiscardReason | null;
  /** What can be done with it now. */
  readonly now: readonly WayNow[];
};

/** What the trouble is, or what is wrong with its formula. */
export type TroubleOutcome =
  | { readonly ok: true; readonly trouble: Trouble }
  | { readonly ok: false; readonly faults: readonly Fault[] };

/** A cause of a smaller share is not told. */
const LEAST_SHARE = 0.01;

/** What ails a batch: its causes by how likely they are, what would tell, and what to do. */
export function troubleOf({ symptom, formula, facts }: TroubleRequest): TroubleOutcome {
  const outcome = batchCase(formula, facts);
  if (!outcome.ok) return outcome;
  const { batch } = outcome;
  const found = findingsOf(batch);
  const causes = ranked(symptom, batch, found);
  const why = discardReason(symptom, batch, causes);
  return {
    ok: true,
    trouble: {
      causes: causes
        .filter(({ share }, index) => index === 0 || share >= LEAST_SHARE)
        .map(({ code, share, evidence }) => ({
          code,
          share: roundTo(share, 3),
          evidence: inEvidence(evidence, found, batch, share),
          remedy: message(`trouble.next.${code}`),
        })),
      ask: questionsFor(symptom, batch, found),
      discard: why !== null,
      why,
      now: waysNow(symptom, batch, why),
    },
  };
}

/** A cause of so large a share that nothing speaks for is what the others leave over. */
const LEFT_OVER = 0.5;

/** What speaks for a cause in words; where nothing does, that it is common, or what is left. */
function inEvidence(
  evidence: readonly FindingId[],
  found: Findings,
  batch: BatchCase,
  share: number,
): Text {
  const told = evidence.flatMap((id) => evidenceInWords(id, found, batch) ?? []);
  if (told.length > 0) return sentences(...told);
  return message(share >= LEFT_OVER ? 'trouble.leftOver' : 'trouble.commonAlone');
}
