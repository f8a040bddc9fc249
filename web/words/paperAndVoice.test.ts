import {
  BARE_KITCHEN,
  jarPlanOf,
  jarProgressOf,
  prepareOf,
  requestInKitchen,
  planBatch,
} from '@idle-kettle/core';
import { effectiveEvents, fillingOf, type Settings } from '@idle-kettle/core';
import { JarLog } from '../../core/test/jarLog.ts';
import { jarSayings } from '../jars/jarSayings.ts';
import { jarTasksOf } from '../jars/jarTasks.ts';
import { labelsPdf } from '../labels/labelsPdf.ts';
import { LABEL_DESIGNS } from '../labels/labelLayout.ts';
import { labelTextOf, netInWords } from '../labels/labelText.ts';
import { LABEL_SHEETS } from '../labels/sheets.ts';
import { entryOf, JUDGED } from '../labels/showEntry.ts';
import { showPdf } from '../labels/showPdf.ts';
import { runSheetPdf } from '../prepare/runSheetPdf.ts';
import { printed } from '../test/printed.ts';
import { inPseudo, wordsOutside } from '../test/pseudo.ts';
import { say } from '@idle-kettle/words';

jest.mock('../ui/pdf.ts', () => ({ pdfFile: () => Promise.resolve(new Blob()) }));

const BATCHES: { readonly [name: string]: { lines: string[]; settings: Settings } } = {
  'a jam': { lines: ['2 kg crushed damsons', '1.4 kg sugar'], settings: {} },
  'a jelly from the fruit': {
    lines: ['4 cups sugar'],
    settings: { product: 'jelly', before: { kind: 'extract', lines: ['3 lb crab apples'] } },
  },
  'a jam with powder': {
    lines: ['5 cups crushed strawberries', '7 cups sugar', '1 box powdered pectin'],
    settings: {},
  },
  'a curd': {
    lines: ['4 eggs', '200 g sugar', '120 mL bottled lemon juice', '100 g butter'],
    settings: { product: 'curd' },
  },
  'a butter': { lines: ['3 kg apples, cored', '500 g sugar'], settings: { product: 'butter' } },
};
const KITCHEN = { ...BARE_KITCHEN, altitudeM: 1250 };
const MADE = Date.parse('2026-09-05T12:00:00Z');
const COOK = {
  id: 'c0ffee00-1111',
  name: 'Plum',
  number: null,
  batchId: 'ba7c4000-2222',
  startedAt: '2026-09-05T10:00:00Z',
};

describe('in a language that nobody speaks', () => {
  inPseudo();

  test.each(Object.entries(BATCHES))(
    'the run sheet of %s prints nothing that is not in the catalogue',
    (_, formula) => {
      const outcome = planBatch({ ...requestInKitchen(formula, KITCHEN), draws: 50 });
      if (!outcome.ok) throw new Error('no plan');
      const { plan } = outcome;
      for (const units of ['us', 'metric'] as const) {
        const paper = runSheetPdf(COOK.name, plan, prepareOf(plan, {}, []), units);
        expect(printed(paper).length).toBeGreaterThan(20);
        expect(wordsOutside(printed(paper), [COOK, formula, 'boxes pouches'])).toEqual([]);
      }
    },
  );

  test.each(Object.entries(BATCHES))(
    'the labels and the entry card of %s print nothing that is not in the catalogue',
    (_, formula) => {
      const jarPlan = jarPlanOf(requestInKitchen(formula, KITCHEN), [], 0);
      if (jarPlan === null) throw new Error('no sheet');
      const cook = { ...COOK, formula };
      for (const place of ['pantry', 'fridge', 'freezer', 'unchecked', 'unfinished'] as const) {
        const text = labelTextOf(cook, jarPlan, place, MADE, 'https://kettle.example');
        for (const design of LABEL_DESIGNS)
          for (const sheet of LABEL_SHEETS) {
            const paper = labelsPdf(sheet, design, [{ text, net: netInWords(jarPlan, 237, 'us') }]);
            expect(wordsOutside(printed(paper), [cook, 'https://kettle.example'])).toEqual([]);
          }
      }
      const progress = jarProgressOf(jarPlan, []);
      const entry = entryOf(cook, jarPlan, progress);
      expect(wordsOutside(printed(showPdf(COOK.name, entry, 'us')), cook)).toEqual([]);
      expect(
        wordsOutside(
          JUDGED.flatMap(({ what, right }) => [say(what), say(right)]),
          [],
        ),
      ).toEqual([]);
    },
  );

  test('the voice at the jars says nothing that is not in the catalogue', () => {
    const jarPlan = jarPlanOf(requestInKitchen(BATCHES['a jam']!, KITCHEN), [], 0)!;
    const log = new JarLog()
      .closed(0, '1.1-7')
      .at(6, 'loaded', '1.1-7', 1)
      .at(7, 'canner-lit', null, 1);
    const events = effectiveEvents(log.entries);
    const progress = jarProgressOf(jarPlan, events);
    const now = {
      jarPlan,
      progress,
      filling: fillingOf(jarPlan, progress, null),
      readyAtMs: 0,
      sizes: ['half-pint'],
      altitudeWasM: null,
      nowMs: 20 * 60_000,
      cannerHolds: 7,
      units: 'us' as const,
      toBoil: () => ({ p10: 20, p50: 25, p90: 30 }),
    };
    const said = jarSayings(jarTasksOf(now), now.nowMs).map(({ text }) => text);
    expect(said.length).toBeGreaterThan(0);
    expect(wordsOutside(said, [])).toEqual([]);
  });
});
