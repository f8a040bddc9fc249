import type { LearnedFigure } from '../forecast/index.ts';
import type { KitchenKnowledge } from '../kitchen/index.ts';
import type { Quantiles } from '../quantity/index.ts';
import { quantilesThrough } from './joined.ts';
import {
  estimateOf,
  powerOf,
  quantityOf,
  toldOf,
  type Estimated,
  type KeptEvidence,
  type Quantity,
  type QuantityId,
} from './estimate.ts';
import type { TaughtBurner } from './learn.ts';

/** What a cook told, with the cook and when it ended, ms since 1970. */
export type CookTold = KeptEvidence & { readonly cook: string; readonly at: number };

/**
 * What somebody wants forgotten, and when they said so, ms since 1970: a cook that ended before
 * tells no more of it. `power` goes by the burner's id.
 */
export type Forgotten = {
  readonly power?: { readonly [burner: string]: number };
} & { readonly [id in Exclude<QuantityId, 'power'>]?: number };

/** One estimate with what it rests on. */
export type EstimateStory = {
  readonly what: QuantityId;
  /** The burner whose power it is; null for what all cooks have in common. */
  readonly burner: string | null;
  /** Before anything was learned. W, K, or a share. */
  readonly before: Quantiles;
  readonly now: LearnedFigure;
  /** The cook after which it was another for good; null for none. */
  readonly changedAt: string | null;
  /** What each cook told by itself, and what was known after it; the first first. */
  readonly cooks: readonly {
    readonly cook: string;
    readonly told: Quantiles;
    readonly after: Quantiles;
    readonly setAside: boolean;
  }[];
};

/** More cooks than this are not looked back at: those before count next to nothing. */
const MOST_COOKS = 60;

const isKept = ({ id, burner }: Quantity, forgotten: Forgotten, at: number): boolean => {
  const since = id === 'power' ? forgotten.power?.[burner ?? ''] : forgotten[id];
  return since === undefined || at > since;
};

/** The quantities of a kitchen: the power of each burner, and what all of its cooks tell. */
const quantitiesOf = (burners: readonly TaughtBurner[]): readonly Quantity[] => [
  ...burners.map((burner) => powerOf(burner)),
  ...(['thermometer', 'yield', 'minutes', 'loss'] as const).map((id) => quantityOf(id)),
];

/** The cooks that tell of a quantity, the last {@link MOST_COOKS} of them. */
const tellersOf = (
  quantity: Quantity,
  cooks: readonly CookTold[],
  forgotten: Forgotten,
): readonly CookTold[] =>
  cooks
    .filter((cook) => isKept(quantity, forgotten, cook.at) && toldOf(quantity, [cook])[0] !== null)
    .slice(-MOST_COOKS);

/**
 * What a kitchen's cooks tell of it, for its later plans: only what at least one tells.
 * @param cooks the first first
 */
export function knowledgeOf(
  burners: readonly TaughtBurner[],
  cooks: readonly CookTold[],
  forgotten: Forgotten = {},
): KitchenKnowledge {
  const of = (quantity: Quantity): LearnedFigure | null => {
    const told = estimateOf(quantity, tellersOf(quantity, cooks, forgotten));
    return told.batches === 0 ? null : learned(told);
  };
  return {
    burners: burners.flatMap((burner) => {
      const netPowerW = of(powerOf(burner));
      return netPowerW === null ? [] : [{ id: burner.id, netPowerW }];
    }),
    thermometerOffsetK: of(quantityOf('thermometer')),
    yieldTimes: of(quantityOf('yield')),
    minutesTimes: of(quantityOf('minutes')),
  };
}

/**
 * Each estimate of a kitchen with what every cook told of it, and how it went from cook to cook.
 * @param cooks the first first
 */
export const storiesOf = (
  burners: readonly TaughtBurner[],
  cooks: readonly CookTold[],
  forgotten: Forgotten = {},
): readonly EstimateStory[] =>
  quantitiesOf(burners).map((quantity) => {
    const tellers = tellersOf(quantity, cooks, forgotten);
    const now = estimateOf(quantity, tellers);
    return {
      what: quantity.id,
      burner: quantity.burner,
      before: estimateOf(quantity, []).figure,
      now: learned(now),
      changedAt: now.changedAt === null ? null : (tellers[now.changedAt]?.cook ?? null),
      cooks: tellers.map((teller, index) => ({
        cook: teller.cook,
        told: alone(quantity, teller),
        after: estimateOf(quantity, tellers.slice(0, index + 1)).figure,
        setAside: now.setAside.includes(index),
      })),
    };
  });

const learned = ({ figure, batches }: Estimated): LearnedFigure => ({ ...figure, batches });

/** What one cook told by itself, drawn towards nothing. */
function alone(quantity: Quantity, teller: CookTold): Quantiles {
  const [told] = toldOf(quantity, [teller]);
  if (told == null) throw new TypeError(quantity.id);
  return quantilesThrough(told, quantity.through);
}
