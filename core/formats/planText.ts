import { formatGrams } from '../quantity/index.ts';
import { linesHeld, type PlanInWords } from '../plan/index.ts';
import { figuresOf, type PlanFigure } from './figures.ts';

/**
 * A plan in plain text: the recipe, its figures, its method and its cautions. It reads back as the
 * same recipe.
 * @param method the acts of the plan in words, in order
 */
export function toPlanText(name: string, plan: PlanInWords, method: readonly string[]): string {
  const parts = [
    [name],
    ['Ingredients', ...linesHeld(plan).map(({ text }) => text)],
    ['Method', ...method.map((text, index) => `${index + 1}. ${text}`)],
    ['What it comes to', ...figuresOf(plan).map(inWords)],
    [FOR[plan.shelf.verdict], ...plan.shelf.reasons],
    ['Mind', ...plan.cautions.map(({ text }) => text)],
    [
      'In grams',
      ...linesHeld(plan).flatMap(({ name: of, massG }) =>
        of === undefined || massG === undefined ? [] : [`${formatGrams(massG)} ${of}`],
      ),
    ],
  ];
  return `${parts.map((lines) => lines.join('\n')).join('\n\n')}\n`;
}

/** What heads the reasons of a verdict. */
const FOR: { readonly [verdict in PlanInWords['shelf']['verdict']]: string } = {
  pantry: 'For the pantry',
  'by-source': 'As its source says',
  fridge: 'For the fridge',
  freezer: 'For the freezer',
};

function inWords({ name, unit, value, p10, p90 }: PlanFigure): string {
  const range =
    p10 === undefined || p90 === undefined || p10 === p90 ? '' : `${p10}–${p90}, middle `;
  return `${name}: ${range}${value}${unit === '' ? '' : ` ${unit}`}`;
}
