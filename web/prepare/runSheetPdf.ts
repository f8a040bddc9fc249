import { say, textOf } from '@idle-kettle/words';
import { linesBrought, type Plan, type Preparation, type UnitSystem } from '@idle-kettle/core';
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces';
import { paperOf } from '../ui/paper.ts';
import { asWritten, massInWords } from '../words/mass.ts';
import { actInText, runSheetOf, tellingOf } from '../words/runSheet.ts';
import { downloadBlob } from '../ui/download.ts';
import { pdfFile } from '../ui/pdf.ts';

/** The run sheet with shopping and checklist, on paper. */
export function runSheetPdf(
  name: string,
  plan: Plan,
  preparation: Preparation,
  units: UnitSystem,
): TDocumentDefinitions {
  const mass = (massG: number) => massInWords(massG, units);
  const box = (text: string): Content => ({ text: `[  ]  ${text}` });
  const part = (title: string, items: readonly Content[]): Content[] =>
    items.length === 0
      ? []
      : [
          { text: title, style: 'part' },
          { stack: [...items], margin: [0, 0, 0, 8] },
        ];
  return {
    pageSize: paperOf(units),
    pageMargins: [42, 42, 42, 48],
    info: { title: name },
    content: [
      { text: name, style: 'title' },
      {
        text:
          plan.stop.boilMin === null
            ? say('prepare.cookTo', { stop: tellingOf(plan).stop })
            : say('prepare.boilHardForMinAt', { boilMin: plan.stop.boilMin }),
        margin: [0, 0, 0, 8],
      },
      ...part(
        plan.before === undefined ? say('prepare.inThePot') : say('prepare.inTheFirstPanThen'),
        linesBrought(plan).map(({ text, massG }) => ({
          text: massG === undefined ? text : `${text}   ${mass(massG)}`,
        })),
      ),
      ...part(
        say('prepare.ingredients'),
        preparation.shopping.map(({ name: of, massG, written, haveG, lackG, packs }) =>
          box(
            [
              `${of}, ${asWritten(written, massG, units)}`,
              lackG === 0 ? say('prepare.inTheCupboard') : null,
              lackG > 0 && haveG !== undefined ? say('prepare.buy', { grams: mass(lackG) }) : null,
              packs === undefined ? null : textOf(packs),
            ]
              .filter((part) => part !== null)
              .join(', '),
          ),
        ),
      ),
      ...part(
        say('prepare.theDayBefore'),
        preparation.overnight.map((act) => box(actInText(act, plan))),
      ),
      ...part(
        say('prepare.preparation'),
        preparation.prep.map(({ name: of, boughtG, preparedG }) =>
          box(
            say('prepare.asBoughtGives', {
              of,
              grams: mass(boughtG),
              grams2: mass(preparedG),
            }),
          ),
        ),
      ),
      ...part(
        say('prepare.beforeYouStart'),
        [
          ...preparation.first.map((act) => actInText(act, plan)),
          ...preparation.ready.map(({ text }) => textOf(text)),
        ].map(box),
      ),
      ...part(
        say('prepare.nearTheEnd'),
        preparation.later.map(({ text }) => box(textOf(text))),
      ),
      { text: say('prepare.runSheet'), style: 'part' },
      {
        ol: runSheetOf(plan).map(({ title, detail, aside }) => ({
          text: [
            { text: `${title}. `, bold: true },
            detail,
            { text: `  ${aside}`, color: '#555555' },
          ],
          margin: [0, 0, 0, 3],
        })),
      },
      { text: say('prepare.warnings'), style: 'part' },
      { ul: plan.cautions.map(({ text }) => textOf(text)) },
    ],
    styles: {
      title: { fontSize: 20, bold: true },
      part: { fontSize: 13, bold: true, margin: [0, 6, 0, 3] },
    },
    defaultStyle: { fontSize: 10.5 },
  };
}

export async function downloadRunSheet(
  fileName: string,
  name: string,
  plan: Plan,
  preparation: Preparation,
  units: UnitSystem,
): Promise<void> {
  downloadBlob(fileName, await pdfFile(runSheetPdf(name, plan, preparation, units)));
}
