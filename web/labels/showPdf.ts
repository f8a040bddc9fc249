import { say } from '@idle-kettle/words';
import type { TDocumentDefinitions } from 'pdfmake/interfaces';
import { JUDGED, type EntryRow } from './showEntry.ts';
import type { UnitSystem } from '@idle-kettle/core';
import { paperOf } from '../ui/paper.ts';
import { pdfFile } from '../ui/pdf.ts';

/** The entry card and the judge’s list, on paper. */
export const showPdf = (
  name: string,
  entry: readonly EntryRow[],
  units: UnitSystem,
): TDocumentDefinitions => ({
  pageSize: paperOf(units),
  pageMargins: [50, 50, 50, 50],
  info: { title: say('labels.showEntry', { name }) },
  content: [
    { text: name, fontSize: 22, bold: true, margin: [0, 0, 0, 8] },
    {
      table: {
        widths: [90, '*'],
        body: entry.map(([what, said]) => [{ text: what, bold: true }, said]),
      },
      layout: 'lightHorizontalLines',
    },
    { text: say('labels.whatAJudgeLooksFor'), fontSize: 15, bold: true, margin: [0, 24, 0, 6] },
    {
      stack: JUDGED.map(({ what, right }) => ({
        text: [{ text: `[  ]  ${say(what)}: `, bold: true }, say(right)],
        margin: [0, 0, 0, 5],
      })),
    },
  ],
  defaultStyle: { fontSize: 11 },
});

/** The file itself. */
export const showFile = (
  name: string,
  entry: readonly EntryRow[],
  units: UnitSystem,
): Promise<Blob> => pdfFile(showPdf(name, entry, units));
