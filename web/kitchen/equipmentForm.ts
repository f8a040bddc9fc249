import type { Kitchen } from '@idle-kettle/contract';
import { findIngredient, readAmount, type Canner, type HeatId } from '@idle-kettle/core';

/** What stands in the kitchen, as typed: numbers are text. */
export type EquipmentForm = {
  pots: { name: string; diameterCm: string; heightCm: string }[];
  burners: { name: string; heat: HeatId; netPowerKw: string }[];
  canner: Canner;
  jars: { name: string; volumeMl: string; count: string; prefer: boolean; gift: string }[];
  packs: { ingredient: string; packG: string; pectinG: string }[];
  prices: { ingredient: string; perKg: string }[];
  currency: string;
};

const typed = (value: number | null | undefined): string =>
  value === null || value === undefined ? '' : String(value);

const nameOf = (id: string): string => findIngredient(id)?.name ?? id;

/** The form for a kitchen as it stands. */
export const equipmentOf = (kitchen: Kitchen): EquipmentForm => ({
  pots: kitchen.pots.map(({ name, diameterCm, heightCm }) => ({
    name,
    diameterCm: typed(diameterCm),
    heightCm: typed(heightCm),
  })),
  burners: kitchen.burners.map(({ name, heat, netPowerKw }) => ({
    name,
    heat,
    netPowerKw: typed(netPowerKw),
  })),
  canner: kitchen.canner,
  jars: kitchen.jars.map(({ name, volumeMl, count, prefer, gift }) => ({
    name,
    volumeMl: typed(volumeMl),
    count: typed(count),
    prefer: prefer ?? false,
    gift: gift === 0 ? '' : typed(gift),
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

/** NaN, which the contract refuses, for what is no number; null for nothing typed. */
const number = (text: string): number | null =>
  text.trim() === '' ? null : (readAmount(text) ?? NaN);

/** The kitchen with what the form says, ready for the contract’s rules. Names that the larder does not know stay as typed. */
export function kitchenWith(
  kitchen: Omit<Kitchen, 'id' | 'setUp' | 'names'>,
  form: EquipmentForm,
  idOf: (name: string) => string | undefined,
): object {
  return {
    ...kitchen,
    canner: form.canner,
    pots: form.pots.map(({ name, diameterCm, heightCm }) => ({
      name,
      diameterCm: number(diameterCm) ?? NaN,
      heightCm: number(heightCm) ?? NaN,
    })),
    burners: form.burners.map(({ name, heat, netPowerKw }) => ({
      name,
      heat,
      netPowerKw: number(netPowerKw),
    })),
    jars: form.jars.map(({ name, volumeMl, count, prefer, gift }) => ({
      name,
      volumeMl: number(volumeMl) ?? NaN,
      count: number(count),
      prefer,
      gift: number(gift) ?? 0,
    })),
    packs: form.packs.map(({ ingredient, packG, pectinG }) => ({
      ingredient: idOf(ingredient) ?? ingredient,
      packG: number(packG) ?? NaN,
      pectinG: number(pectinG) ?? NaN,
    })),
    prices: form.prices
      .filter(({ ingredient }) => ingredient.trim() !== '')
      .map(({ ingredient, perKg }) => ({
        ingredient: idOf(ingredient) ?? ingredient,
        minorPerKg: Math.round(100 * (number(perKg) ?? NaN)),
      })),
    currency: form.currency.toUpperCase(),
  };
}
