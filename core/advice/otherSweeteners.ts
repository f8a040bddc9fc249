import { lineInGrams } from '../quantity/index.ts';
import { message } from '@idle-kettle/words/message';
import { scaleLine } from '../formula/index.ts';
import { isSugar, METHODS } from '../method/index.ts';
import { readLine, type UnderstoodLine } from '../parser/index.ts';
import { readingKitchen, type Evaluation } from '../evaluate/index.ts';
import { type Caution, warn } from './caution.ts';

/**
 * Sweeteners that a gel takes for sugar up to a share of it, by that share; common practice: honey
 * a quarter to a half, syrups a quarter.
 */
const MOST_OF_SUGAR: { readonly [id: string]: number } = {
  honey: 0.5,
  'maple-syrup': 0.25,
  'corn-syrup': 0.25,
  'golden-syrup': 0.25,
};

/**
 * What becomes of a sugar gel with more honey or syrup than it takes: a doubtful set and a taste of
 * little else. The way on has as much as is usual of it, and sugar of the same solids for the rest,
 * so that their water stays out.
 */
export function sweetenerCautions({ understood, choice, request }: Evaluation): Caution[] {
  if (METHODS[choice.method].setModel !== 'high-methoxyl') return [];
  const solids = (line: UnderstoodLine) =>
    (line.massG.typical * line.ingredient.make.solublesPct.typical) / 100;
  const all = understood.filter(isSugar).reduce((sum, line) => sum + solids(line), 0);
  return understood.flatMap((line) => {
    const most = MOST_OF_SUGAR[line.ingredient.id];
    if (most === undefined || solids(line) <= most * all * MARGIN) return [];
    const { name } = line.ingredient;
    const share = FRACTIONS[most] ?? most;
    const found = warn('other-sweetener', message('advice.muchOfTheSweetener', { name, share }));
    const index = request.lines.indexOf(line.text);
    if (index < 0) return [found];
    const kitchen = readingKitchen(request);
    const kept = scaleLine(line, (most * all) / solids(line), kitchen);
    const sugarG = solids(line) - most * all;
    const cup = readLine('1 cup sugar', kitchen);
    const sugar =
      /\bcups?\b/i.test(line.text) && cup.understood
        ? scaleLine(cup, sugarG / cup.massG.typical, kitchen)
        : lineInGrams(10 * Math.round(sugarG / 10), 'sugar');
    const act = message('advice.useSweetenerForAShare', { name, share });
    return [{ ...found, offer: { act, change: { drop: [index], add: [kept, sugar] } } }];
  });
}

/** A rounded cup over the share is not told. */
const MARGIN = 1.05;
const FRACTIONS: { readonly [share: number]: string } = { 0.5: 'half', 0.25: 'a quarter' };
