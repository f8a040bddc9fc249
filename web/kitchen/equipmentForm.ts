import type { Kitchen, KitchenDto } from '@idle-kettle/contract';
import {
  findIngredient,
  formatMass,
  HEAT_SOURCES,
  readAmount,
  type Canner,
  type HeatId,
  type JarMeasure,
} from '@idle-kettle/core';
import {
  gramsTyped,
  jarMl,
  jarSizeTyped,
  lengthCm,
  minorPerKg,
  potTyped,
  priceTyped,
} from './measuresShown.ts';

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

/** What stands in the kitchen, as typed: numbers are text, in the units that the kitchen reads. */
export type EquipmentForm = {
  pots: { own?: string; name: string; width: string; height: string; holds: string }[];
  burners: { own?: string; name: string; heat: HeatId; netPowerKw: string }[];
  canner: Canner;
  cannerHolds: string;
  jars: {
    own?: string;
    name: string;
    size: string;
    measure: JarMeasure;
    count: string;
    prefer: boolean;
    gift: string;
    lids: string;
    inUse: string;
  }[];
  stock: { ingredient: string; amount: string }[];
  packs: { ingredient: string; packG: string; pectinG: string; boilMin: string }[];
  prices: { ingredient: string; price: string }[];
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
    ...potTyped(diameterCm, heightCm, kitchen.units),
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
    size: jarSizeTyped(volumeMl, kitchen.units),
    measure: 'filled' as const,
    count: typed(count),
    prefer: prefer ?? false,
    gift: gift === 0 ? '' : typed(gift),
    lids: typed(lids),
    inUse: inUse === 0 ? '' : typed(inUse),
  })),
  stock: kitchen.stock.map(({ ingredient, massG }) => ({
    ingredient: nameOf(ingredient),
    amount: formatMass(massG, kitchen.units),
  })),
  packs: kitchen.packs.map(({ ingredient, packG, pectinG, boilMin }) => ({
    ingredient: nameOf(ingredient),
    packG: typed(packG),
    pectinG: typed(pectinG),
    boilMin: typed(boilMin),
  })),
  prices: kitchen.prices.map(({ ingredient, minorPerKg: perKg }) => ({
    ingredient: nameOf(ingredient),
    price: priceTyped(perKg, kitchen.units),
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
 * The kitchen with what the form says, ready for the contract’s rules. Names that the ingredient
 * table does not know stay as typed.
 */
export function kitchenWith(
  { id, setUp, version, names, knowledge, ...kitchen }: Kitchen,
  form: EquipmentForm,
  ingredientOf: (name: string) => string | undefined,
): object {
  return {
    ...kitchen,
    canner: form.canner,
    cannerHolds: number(form.cannerHolds),
    pots: form.pots.map(({ own, name, width, height }) => ({
      ...idOf(own),
      name,
      diameterCm: lengthCm(width, kitchen.units),
      heightCm: lengthCm(height, kitchen.units),
    })),
    burners: form.burners.map(({ own, name, heat, netPowerKw }) => ({
      ...idOf(own),
      // A burner needs no name of its own.
      name: name.trim() === '' ? HEAT_SOURCES[heat].name : name,
      heat,
      netPowerKw: number(netPowerKw),
    })),
    jars: form.jars.map(({ own, name, size, measure, count, prefer, gift, lids, inUse }) => ({
      ...idOf(own),
      name,
      volumeMl:
        measure === 'filled'
          ? (kitchen.jars.find((kept) => jarSizeTyped(kept.volumeMl, kitchen.units) === size)
              ?.volumeMl ?? jarMl(size, measure, kitchen.units))
          : jarMl(size, measure, kitchen.units),
      count: number(count),
      prefer,
      gift: number(gift) ?? 0,
      lids: number(lids),
      inUse: number(inUse) ?? 0,
    })),
    stock: form.stock
      .filter(({ ingredient }) => ingredient.trim() !== '')
      .map(({ ingredient, amount }) => ({
        ingredient: ingredientOf(ingredient) ?? ingredient,
        // What is not touched stays to the gram, however it is shown.
        massG:
          kitchen.stock.find(
            (kept) =>
              nameOf(kept.ingredient) === ingredient &&
              formatMass(kept.massG, kitchen.units) === amount,
          )?.massG ?? gramsTyped(amount, ingredient),
      })),
    packs: form.packs.map(({ ingredient, packG, pectinG, boilMin }) => ({
      ingredient: ingredientOf(ingredient) ?? ingredient,
      packG: gramsTyped(packG, ingredient),
      pectinG: pectinG.trim() === '' ? null : gramsTyped(pectinG, ingredient),
      ...(boilMin.trim() === '' ? {} : { boilMin: number(boilMin) }),
    })),
    prices: form.prices
      .filter(({ ingredient }) => ingredient.trim() !== '')
      .map(({ ingredient, price }) => ({
        ingredient: ingredientOf(ingredient) ?? ingredient,
        minorPerKg:
          kitchen.prices.find(
            (kept) =>
              nameOf(kept.ingredient) === ingredient &&
              priceTyped(kept.minorPerKg, kitchen.units) === price,
          )?.minorPerKg ?? minorPerKg(price, kitchen.units),
      })),
    currency: form.currency.toUpperCase(),
  };
}
