import { findIngredient, readLine, type Formula } from '@idle-kettle/core';
import type { FruitShape } from './FruitDrawing.tsx';
import { shapeOfFruit } from './shapeOfFruit.ts';

/** The outline of what there is most of in a formula. */
export function shapeOfFormula({ lines, settings }: Formula): FruitShape {
  const fruits = [...(settings.before?.lines ?? []), ...lines].flatMap((line) => {
    const reading = readLine(line);
    return reading.understood && findIngredient(reading.ingredient.id)?.kind === 'fruit'
      ? [{ id: reading.ingredient.id, massG: reading.massG.typical }]
      : [];
  });
  return shapeOfFruit(fruits.sort((a, b) => b.massG - a.massG)[0]?.id ?? null);
}
