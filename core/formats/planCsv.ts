import Papa from 'papaparse';
import { linesBrought, type PlanInWords } from '../plan/index.ts';
import { figuresOf } from './figures.ts';

/**
 * A plan as CSV for a spreadsheet: first its lines (text, ingredient, grams), then its figures with
 * their ranges. Cells that a spreadsheet would take for a formula are quoted.
 */
export const toPlanCsv = (plan: PlanInWords): string =>
  Papa.unparse(
    {
      fields: ['part', 'name', 'value', 'unit', 'p10', 'p90', 'note'],
      data: [
        ...linesBrought(plan).map(({ text, name, massG, assumed, trouble }) => [
          'line',
          name ?? text,
          massG ?? '',
          massG === undefined ? '' : 'g',
          '',
          '',
          trouble ?? assumed ?? '',
        ]),
        ...figuresOf(plan).map(({ name, value, unit, p10, p90 }) => [
          'figure',
          name,
          value,
          unit,
          p10 ?? '',
          p90 ?? '',
          '',
        ]),
        ...plan.cautions.map(({ code, level, text }) => ['caution', code, level, '', '', '', text]),
      ],
    },
    { escapeFormulae: true },
  );
