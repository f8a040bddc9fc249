import type { LineReading } from '../parser/index.ts';
import type { PlanLine } from './plan.ts';
import { roundTo } from '../quantity/index.ts';

/**
 * A line as it is read, in figures and words that leave the core: grams to a tenth, or three
 * figures of a little.
 */
export function planLine(reading: LineReading): PlanLine {
  if (!reading.understood) {
    const { message, words, offers, unknownName } = reading.trouble;
    return {
      text: reading.text,
      understood: false,
      trouble: message,
      ...(words === undefined ? {} : { words }),
      ...(offers === undefined || offers.length === 0 ? {} : { offers }),
      ...(unknownName === undefined ? {} : { unknownName }),
    };
  }
  const { text, ingredient, called, form, massG, boughtG, ripeness, assumed, toConfirm } = reading;
  return {
    text,
    understood: true,
    ingredient: ingredient.id,
    name: ingredient.name,
    ...(called === undefined ? {} : { called }),
    form,
    massG: massG.typical < 10 ? roundTo(massG.typical, 3) : roundTo(massG.typical, 1),
    ...(massG.low === massG.high
      ? {}
      : { massRangeG: { low: roundTo(massG.low, 2), high: roundTo(massG.high, 2) } }),
    ...(boughtG === undefined ? {} : { boughtG: roundTo(boughtG, 1) }),
    ...(ingredient.kind === 'fruit' ? { state: ingredient.state } : {}),
    ...(ripeness === undefined ? {} : { ripeness }),
    ...(assumed === undefined ? {} : { assumed }),
    ...(toConfirm === undefined ? {} : { toConfirm }),
  };
}
