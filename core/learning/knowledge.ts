import type { LearnedFigure, LearnedOfEach } from '../forecast/index.ts';
import type { KitchenKnowledge } from '../kitchen/index.ts';
import type { Quantiles } from '../quantity/index.ts';
import { quantilesThrough } from './joined.ts';
import { estimateOf, figureOf, quantitiesOf } from './estimate.ts';
import type {
  CommonId,
  KeptEvidence,
  KeyedId,
  Quantity,
  QuantityId,
  TaughtBurner,
} from './quantities.ts';

/** What a cook told, with the cook and when it ended, ms since 1970. */
export type CookTold = KeptEvidence & { readonly cook: string; readonly at: number };

/**
 * What somebody wants forgotten, and when they said so, ms since 1970: a cook that ended before
 * tells no more of it. What is of one thing goes by that ({@link thingOf}).
 */
export type Forgotten = {
  readonly [id in KeyedId]?: { readonly [thing: string]: number };
} & { readonly [id in CommonId]?: number };

/** What a quantity is of, as one word; null for what all cooks have in common. */
export const thingOf = ({ burner, of }: Pick<Quantity, 'burner' | 'of'>): string | null =>
  burner === null ? of : of === null ? burner : `${of} on ${burner}`;

/** One estimate with what it rests on. */
export type EstimateStory = {
  readonly what: QuantityId;
  /** The burner whose power it is; null for what is of none. */
  readonly burner: string | null;
  /** The pot, the method or the fruit that it is of; null for none. */
  readonly of: string | null;
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

function isKept(quantity: Quantity, forgotten: Forgotten, at: number): boolean {
  const since = forgotten[quantity.id];
  const on = typeof since === 'object' ? since[thingOf(quantity) ?? ''] : since;
  return on === undefined || at > on;
}

/** The cooks that tell of a quantity, the last {@link MOST_COOKS} of them. */
const tellersOf = (
  quantity: Quantity,
  cooks: readonly CookTold[],
  forgotten: Forgotten,
): readonly CookTold[] =>
  cooks
    .filter((cook) => isKept(quantity, forgotten, cook.at) && quantity.toldBy(cook) !== null)
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
  const known = quantitiesOf(burners, cooks).flatMap((quantity) => {
    const told = estimateOf(quantity, tellersOf(quantity, cooks, forgotten));
    return told.batches === 0 ? [] : [{ quantity, figure: figureOf(told) }];
  });
  const all = (what: QuantityId, burner: string | null = null) =>
    known.filter(({ quantity: { id, burner: on } }) => id === what && on === burner);
  const one = (what: QuantityId, burner: string | null = null): LearnedFigure | null =>
    all(what, burner)[0]?.figure ?? null;
  const each = (what: QuantityId): LearnedOfEach =>
    all(what).map(({ quantity: { of }, figure }) => ({ id: of ?? '', times: figure }));
  return {
    burners: burners.flatMap(({ id }) => {
      const netPowerW = one('power', id);
      const pots = all('pot', id).map(({ quantity: { of }, figure }) => ({
        id: of ?? '',
        netPowerW: figure,
      }));
      return netPowerW === null ? [] : [{ id, netPowerW, ...(pots.length > 0 ? { pots } : {}) }];
    }),
    thermometerOffsetK: one('thermometer'),
    yieldTimes: one('yield'),
    minutesTimes: one('minutes'),
    setTimes: each('set'),
    cupTimes: one('cup'),
    solidsTimes: each('solids'),
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
  quantitiesOf(burners, cooks).map((quantity) => {
    const tellers = tellersOf(quantity, cooks, forgotten);
    const now = estimateOf(quantity, tellers);
    return {
      what: quantity.id,
      burner: quantity.burner,
      of: quantity.of,
      before: estimateOf(quantity, []).figure,
      now: figureOf(now),
      changedAt: now.changedAt === null ? null : (tellers[now.changedAt]?.cook ?? null),
      cooks: tellers.map((teller, index) => ({
        cook: teller.cook,
        told: alone(quantity, teller),
        after: estimateOf(quantity, tellers.slice(0, index + 1)).figure,
        setAside: now.setAside.includes(index),
      })),
    };
  });

/** What one cook told by itself, drawn towards nothing. */
function alone(quantity: Quantity, teller: CookTold): Quantiles {
  const told = quantity.toldBy(teller);
  if (told === null) throw new TypeError(quantity.id);
  return quantilesThrough(told, quantity.through);
}
