import type { Kitchen, KitchenDto } from '@idle-kettle/contract';
import { findIngredient, readAmount, type Canner, type HeatId } from '@idle-kettle/core';

/** The fields of a kitchen that the form is about. */
export const equipmentIn = ({
  canner,
  cannerHolds,
  pots,
  burners,
  jars,
  stock,
  packs,
  prices,
  currency,
}: KitchenDto): Partial<KitchenDto> =>
  // Class instances of the contract as plain values, to be compared and sent.
  JSON.parse(
    JSON.stringify({ canner, cannerHolds, pots, burners, jars, stock, packs, prices, currency }),
  ) as Partial<KitchenDto>;

/** What stands in the kitchen, as typed: numbers are text. */
export type EquipmentForm = {
  pots: { own?: string; name: string; diameterCm: string; heightCm: string }[];
  burners: { own?: string; name: string; heat: HeatId; netPowerKw: string }[];
  canner: Canner;
  cannerHolds: string;
  jars: {
    own?: string;
    name: string;
    volumeMl: string;
    count: string;
    prefer: boolean;
    gift: string;
    lids: string;
    inUse: string;
  }[];
  stock: { ingredient: string; massG: string }[];
  packs: { ingredient: string; packG: string; pectinG: string }[];
  prices: { ingredient: string; perKg: string }[];
  currency: string;
};

const typed = (value: number | null | undefined): string =>
  value === null || value === undefined ? '' : String(value);

const nameOf = (id: string): string => findIngredient(id)?.name ?? id;

/** The form for a kitchen as it stands. */
export const equipmentOf = (kitchen: Kitchen): EquipmentForm => ({
  pots: kitchen.pots.map(({ id, name, diameterCm, heightCm }) => ({
    ...ownOf(id),
    name,
    diameterCm: typed(diameterCm),
    heightCm: typed(heightCm),
  })),
  burners: kitchen.burners.map(({ id, name, heat, netPowerKw }) => ({
    ...ownOf(id),
    name,
    heat,
    netPowerKw: typed(netPowerKw),
  })),
  canner: kitchen.canner,
  cannerHolds: typed(kitchen.cannerHolds),
  jars: kitchen.jars.map(({ id, name, volumeMl, count, prefer, gift, lids, inUse }) => ({
    ...ownOf(id),
    name,
    volumeMl: typed(volumeMl),
    count: typed(count),
    prefer: prefer ?? false,
    gift: gift === 0 ? '' : typed(gift),
    lids: typed(lids),
    inUse: inUse === 0 ? '' : typed(inUse),
  })),
  stock: kitchen.stock.map(({ ingredient, massG }) => ({
    ingredient: nameOf(ingredient),
    massG: typed(massG),
  })),
  packs: kitchen.packs.map(({ ingredient, packG, pectinG }) => ({
    ingredient: nameOf(ingredient),
    packG: typed(packG),
    pectinG: typed(pectinG),
  })),
  prices: kitchen.prices.map(({ ingredient, minorPerKg }) => ({
    ingredient: nameOf(ingredient),
    perKg: (minorPerKg / 100).toFixed(2),
  })),
  currency: kitchen.currency,
});

/**
 * The id of something owned goes by another name in the form, whose lists have ids of their own.
 */
const ownOf = (id: string | undefined) => (id === undefined ? {} : { own: id });
const idOf = (own: string | undefined) => (own === undefined ? {} : { id: own });

/** NaN, which the contract refuses, for what is no number; null for nothing typed. */
const number = (text: string): number | null =>
  text.trim() === '' ? null : (readAmount(text) ?? NaN);

/**
 * The kitchen with what the form says, ready for the contract’s rules. Names that the larder does
 * not know stay as typed.
 */
export function kitchenWith(
  { id, setUp, version, names, ...kitchen }: Kitchen,
  form: EquipmentForm,
  ingredientOf: (name: string) => string | undefined,
): object {
  return {
    ...kitchen,
    canner: form.canner,
    cannerHolds: number(form.cannerHolds),
    pots: form.pots.map(({ own, name, diameterCm, heightCm }) => ({
      ...idOf(own),
      name,
      diameterCm: number(diameterCm) ?? NaN,
      heightCm: number(heightCm) ?? NaN,
    })),
    burners: form.burners.map(({ own, name, heat, netPowerKw }) => ({
      ...idOf(own),
      name,
      heat,
      netPowerKw: number(netPowerKw),
    })),
    jars: form.jars.map(({ own, name, volumeMl, count, prefer, gift, lids, inUse }) => ({
      ...idOf(own),
      name,
      volumeMl: number(volumeMl) ?? NaN,
      count: number(count),
      prefer,
      gift: number(gift) ?? 0,
      lids: number(lids),
      inUse: number(inUse) ?? 0,
    })),
    stock: form.stock
      .filter(({ ingredient }) => ingredient.trim() !== '')
      .map(({ ingredient, massG }) => ({
        ingredient: ingredientOf(ingredient) ?? ingredient,
        massG: number(massG) ?? NaN,
      })),
    packs: form.packs.map(({ ingredient, packG, pectinG }) => ({
      ingredient: ingredientOf(ingredient) ?? ingredient,
      packG: number(packG) ?? NaN,
      pectinG: number(pectinG) ?? NaN,
    })),
    prices: form.prices
      .filter(({ ingredient }) => ingredient.trim() !== '')
      .map(({ ingredient, perKg }) => ({
        ingredient: ingredientOf(ingredient) ?? ingredient,
        minorPerKg: Math.round(100 * (number(perKg) ?? NaN)),
      })),
    currency: form.currency.toUpperCase(),
  };
}
