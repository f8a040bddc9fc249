import { message } from '@idle-kettle/words/message';
import Papa from 'papaparse';
import { linesHeld, type PlanInWords } from '../plan/index.ts';
import { safeCell, safeJson, textOfCell } from './csvCell.ts';
import { figuresOf } from './figures.ts';
import type { RecipeReading } from './recipe.ts';
import { FORMULA_KEY, formulaOfText, formulaText, type WrittenFormula } from './writtenFormula.ts';

const COLUMNS = ['part', 'name', 'value', 'unit', 'p10', 'p90', 'note'] as const;

/**
 * A plan as CSV for a spreadsheet: first its lines (text, ingredient, grams), then its figures with
 * their ranges, and the formula itself. No cell is one that a spreadsheet would take for a formula.
 */
export function toPlanCsv(plan: PlanInWords, name = '', formula?: WrittenFormula): string {
  const rows: readonly (readonly unknown[])[] = [
    ...(name === '' ? [] : [['recipe', name, '', '', '', '', '']]),
    ...linesHeld(plan).map(({ text, name: called, massG, assumed, trouble }) => [
      'line',
      called ?? text,
      massG ?? '',
      massG === undefined ? '' : 'g',
      '',
      '',
      trouble ?? assumed ?? '',
    ]),
    ...figuresOf(plan).map(({ name: figure, value, unit, p10, p90 }) => [
      'figure',
      figure,
      value,
      unit,
      p10 ?? '',
      p90 ?? '',
      '',
    ]),
    ...plan.cautions.map(({ code, level, text }) => ['caution', code, level, '', '', '', text]),
  ];
  const safe = rows.map((row) =>
    row.map((cell) => (typeof cell === 'string' ? safeCell(cell) : cell)),
  );
  const whole = formula ? [[FORMULA_KEY, '', safeJson(formulaText(formula)), '', '', '', '']] : [];
  return Papa.unparse({ fields: [...COLUMNS], data: [...safe, ...whole] });
}

/** Whether a text is the CSV of a plan. */
export const isPlanCsv = (text: string): boolean => text.trimStart().startsWith(COLUMNS.join(','));

/** Reads the formula of a plan’s CSV; of an older one, its lines in grams. */
export function readPlanCsv(text: string): RecipeReading {
  const { data } = Papa.parse<Record<string, string>>(text.trimStart(), {
    header: true,
    skipEmptyLines: true,
  });
  const of = (part: string) => data.filter((row) => row['part'] === part);
  const name = textOfCell(of('recipe')[0]?.['name'] ?? '');
  const formula = formulaOfText(of(FORMULA_KEY)[0]?.['value'] ?? '');
  if (formula !== null)
    return { ok: true, recipe: { name, lines: formula.lines, rest: [], formula } };
  const lines = of('line').map((row) =>
    [row['value'], row['unit'], textOfCell(row['name'] ?? '')]
      .filter((part) => part !== '')
      .join(' '),
  );
  return lines.length > 0
    ? { ok: true, recipe: { name, lines, rest: [] } }
    : {
        ok: false,
        faults: [{ where: '', message: message('formats.noIngredientLineWasFound') }],
      };
}
