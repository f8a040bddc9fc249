import { massOf, sugarsG, type Contents } from '../formula/index.ts';
import { convert, fromMemory } from '../quantity/index.ts';
import { volumeMl } from '../yield/index.ts';

/** Energy of food, kJ per g: carbohydrate 17, organic acid 13, fibre 8, fat 37, protein 17. */
export const ENERGY_SOURCE = fromMemory('Regulation (EU) 1169/2011, Annex XIV');
const KJ_PER_G = { sugars: 17, otherSolubles: 13, insolubles: 8, fat: 37, protein: 17 } as const;
const KJ_PER_KCAL = 4.184;
/** Share of egg solids that is fat; the rest counts as protein. From memory of food tables. */
const EGG_FAT_SHARE = 0.45;
const TABLE_TEMP_C = 20;

/** What a spoon of a spread holds. */
export type SpoonNutrition = {
  /** A level tablespoon, g. */
  readonly spoonG: number;
  readonly sugarsG: number;
  readonly energyKj: number;
  readonly energyKcal: number;
};

/**
 * What a level US tablespoon (14.8 mL) of a spread holds, by the general energy factors of food
 * labels.
 */
export function spoonNutrition(batch: Contents): SpoonNutrition {
  const spoonG = (massOf(batch) / volumeMl(batch, TABLE_TEMP_C)) * convert(1, 'tbsp', 'mL');
  const share = spoonG / massOf(batch);
  const fat = batch.fat + EGG_FAT_SHARE * batch.egg;
  const protein = (1 - EGG_FAT_SHARE) * batch.egg;
  const energyKj =
    share *
    (KJ_PER_G.sugars * sugarsG(batch) +
      KJ_PER_G.otherSolubles * batch.otherSolubles +
      KJ_PER_G.insolubles * batch.insolubles +
      KJ_PER_G.fat * fat +
      KJ_PER_G.protein * protein);
  return { spoonG, sugarsG: share * sugarsG(batch), energyKj, energyKcal: energyKj / KJ_PER_KCAL };
}
