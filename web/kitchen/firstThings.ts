import { say, type PlainMessageId } from '@idle-kettle/words';
import type { KitchenDto } from '@idle-kettle/contract';
import { filledMl, HEAT_SOURCES, type Canner, type HeatId, type SoldJar } from '@idle-kettle/core';

/**
 * Pots that many kitchens have, the widest first: the first that a kitchen has is taken where a
 * batch names none.
 */
export const FIRST_POTS = [
  { name: 'kitchen.preservingPan', diameterCm: 36, heightCm: 16 },
  { name: 'kitchen.widePot', diameterCm: 30, heightCm: 14 },
  { name: 'kitchen.stockpot', diameterCm: 24, heightCm: 20 },
  { name: 'kitchen.smallSaucepan', diameterCm: 18, heightCm: 10 },
] as const;

export type FirstPot = (typeof FIRST_POTS)[number];

/** Jars that a pan with a rack on its bottom takes in one layer. */
const PAN_HOLDS = 4;

/** What jars are processed in, as a cook would name it. */
export const FIRST_CANNERS: {
  readonly [id in 'canner' | 'steam' | 'pan' | 'none']: {
    readonly name: PlainMessageId;
    readonly canner: Canner;
    readonly cannerHolds: number | null;
  };
} = {
  canner: { name: 'kitchen.boilingWaterCanner', canner: 'boiling-water', cannerHolds: null },
  pan: { name: 'kitchen.deepPanWithARack', canner: 'boiling-water', cannerHolds: PAN_HOLDS },
  steam: { name: 'kitchen.steamCanner', canner: 'steam', cannerHolds: null },
  none: { name: 'kitchen.nothingFridgeOrFreezer', canner: 'none', cannerHolds: null },
};

/** One of {@link FIRST_CANNERS}. */
export type FirstCanner = keyof typeof FIRST_CANNERS;

/** What somebody new has picked; nothing has to be. */
export type FirstThings = {
  readonly pots: readonly FirstPot[];
  readonly heat: HeatId | null;
  readonly jars: readonly SoldJar[];
  readonly canner: FirstCanner | null;
};

export const NO_THINGS: FirstThings = { pots: [], heat: null, jars: [], canner: null };

/** The kitchen's things, as far as they were picked. */
export function thingsPicked({ pots, heat, jars, canner }: FirstThings): Partial<KitchenDto> {
  const processed = canner === null ? null : FIRST_CANNERS[canner];
  return {
    ...(pots.length > 0 && {
      pots: FIRST_POTS.filter((pot) => pots.includes(pot)).map(({ name, ...size }) => ({
        name: say(name),
        ...size,
      })),
    }),
    ...(heat !== null && {
      burners: [{ name: HEAT_SOURCES[heat].name, heat, netPowerKw: null }],
    }),
    ...(jars.length > 0 && {
      jars: jars.map(({ name, size, measure }) => ({
        name,
        volumeMl: Math.round(filledMl(size, measure)),
        count: null,
      })),
    }),
    ...(processed !== null && {
      canner: processed.canner,
      cannerHolds: processed.cannerHolds,
    }),
  };
}

/** The same list with one thing more, or without it where it is there already. */
export const toggled = <T>(list: readonly T[], one: T): readonly T[] =>
  list.includes(one) ? list.filter((other) => other !== one) : [...list, one];
