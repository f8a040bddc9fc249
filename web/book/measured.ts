import { readAmount, readLine } from '@idle-kettle/core';

/** What so much water weighs, g: by it a volume and a mass are read as lines are. */
const ofWater = (text: string): number => {
  const line = readLine(`${text} water`);
  return line.understood && line.ingredient.id === 'water' ? line.massG.typical : NaN;
};
const MOST = 1_000_000;

/** What was typed; null for nothing, NaN for what cannot be. */
const within = (value: number, least: number, most: number): number =>
  value >= least && value <= most ? value : NaN;

/** A volume as a cook writes it, mL; a bare number is mL. */
export const readVolume = (text: string): number =>
  within(Math.round(readAmount(text) ?? (1000 * ofWater(text)) / ofWater('1 L')), 1, MOST);

/** A mass as a cook writes it, g; a bare number is g. */
export const readMass = (text: string): number =>
  within(Math.round(readAmount(text) ?? ofWater(text)), 1, MOST);

/** An amount of money, in its smallest coin. */
export const readMoney = (text: string): number =>
  within(Math.round(100 * (readAmount(text.replace(/[^\d.,]/g, '')) ?? NaN)), 0, 10 * MOST);
