import { findIngredient } from '../ingredients/index.ts';
import type { OwnPack } from '../parser/index.ts';

/** A level teaspoon of pectin powder, g; common practice: 8.5 g a tablespoon. */
export const POWDER_TSP_G = 8.5 / 3;
/** Juice is measured by the teaspoon up to this, then by the tablespoon, mL. */
const BY_TEASPOON_ML = 30;
/** As spoons are counted, mL. */
export const TEASPOON_ML = 5;
const TABLESPOON_ML = 15;

/**
 * Amounts of a pectin powder that a spoon or a pack gives, g: teaspoons, and a box where they come
 * near one.
 * @param n 1 or more
 */
export function powderG(n: number, id: string, packs: readonly OwnPack[]): number {
  const spoons = n * POWDER_TSP_G;
  const boxG = boxOf(id, packs);
  const boxes = Math.round(spoons / boxG);
  return Math.round(
    Math.abs(spoons - boxes * boxG) < POWDER_TSP_G / 2 && boxes > 0 ? boxes * boxG : spoons,
  );
}

/** Whole boxes in so much of a pectin powder; 0 where it is not whole ones. */
export function boxesIn(massG: number, id: string, packs: readonly OwnPack[]): number {
  const boxes = massG / boxOf(id, packs);
  return Math.abs(boxes - Math.round(boxes)) < 0.02 ? Math.round(boxes) : 0;
}

const USUAL_BOX_G = 49;
const boxOf = (id: string, packs: readonly OwnPack[]): number =>
  packs.find(({ ingredient }) => ingredient === id)?.packG ??
  findIngredient(id)?.packs?.['box'] ??
  USUAL_BOX_G;

/** Most steps of powder that come to no more than this, g. */
export const powderSteps = (mostG: number): number => Math.floor(mostG / POWDER_TSP_G);

/** Amounts of juice that a spoon gives, mL: teaspoons, then tablespoons. */
export const juiceMl = (n: number): number => {
  const teaspoons = BY_TEASPOON_ML / TEASPOON_ML;
  return n <= teaspoons ? n * TEASPOON_ML : BY_TEASPOON_ML + (n - teaspoons) * TABLESPOON_ML;
};

/** Most steps of juice that come to no more than this, mL. */
export const juiceSteps = (mostMl: number): number =>
  mostMl <= BY_TEASPOON_ML
    ? Math.floor(mostMl / TEASPOON_ML)
    : BY_TEASPOON_ML / TEASPOON_ML + Math.floor((mostMl - BY_TEASPOON_ML) / TABLESPOON_ML);
