import pdfMake from 'pdfmake/build/pdfmake';
import fonts from 'pdfmake/build/vfs_fonts';
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces';
import type { LabelText } from './labelText.ts';
import { pt, sizeThatFits } from './fitting.ts';
import { placesOn, type LabelSheetSize } from './sheets.ts';

pdfMake.addVirtualFileSystem(fonts);

const INK = '#1f2a30';
const RIM = '#1d3f4f';
/** The least side of a QR code that a phone reads from a jar, mm. */
const QR_MM = 18;
/** A label to print: its words, and what the jar holds. */
export type Label = { readonly text: LabelText; readonly net: string };

/** Sheets of labels: each label once, one after another, as many pages as they take. */
export function labelsPdf(sheet: LabelSheetSize, labels: readonly Label[]): TDocumentDefinitions {
  const places = placesOn(sheet);
  const content = labels.flatMap((label, index): Content[] => {
    const place = places[index % places.length] ?? { x: 0, y: 0 };
    const drawn = ONE[sheet.shape](sheet, label).map((part) => moved(part, place));
    // A page of its own begins with something that stands on it.
    return index > 0 && index % places.length === 0
      ? [{ text: '', pageBreak: 'before' }, ...drawn]
      : drawn;
  });
  return {
    pageSize: sheet.page,
    pageMargins: 0,
    info: { title: labels[0]?.text.name ?? 'Labels' },
    content,
    defaultStyle: { color: INK, lineHeight: 1 },
  };
}

/** A part of a label: where on it, how wide, mm; and what is there. */
type Part = {
  readonly x: number;
  readonly y: number;
  readonly wide?: number;
  readonly of: Content;
};

/** Text stands in a table of one cell, which alone gives it a width where it stands freely. */
function moved({ x, y, wide, of }: Part, place: { x: number; y: number }): Content {
  const absolutePosition = { x: pt(place.x + x), y: pt(place.y + y) };
  if (wide === undefined) return { ...(of as object), absolutePosition } as Content;
  return {
    absolutePosition,
    table: { widths: [pt(wide)], body: [[of]] },
    layout: {
      hLineWidth: () => 0,
      vLineWidth: () => 0,
      paddingLeft: () => 0,
      paddingRight: () => 0,
      paddingTop: () => 0,
      paddingBottom: () => 0,
    },
  };
}

const qr = (address: string, mm: number): Content => ({
  qr: address,
  fit: pt(mm),
  foreground: INK,
  eccLevel: 'L',
  // The label’s own paper round it is quiet enough.
  padding: 0,
});

/** The label that every batch wears: paper, a rule round it, and one edge in the colour of its fruit. */
function oblong({ wideMm, highMm }: LabelSheetSize, { text, net }: Label): Part[] {
  const edge = Math.max(3, wideMm * 0.05);
  const inset = 1.2;
  const left = edge + 2.5;
  const code = Math.min(QR_MM + 6, highMm * 0.5);
  const full = wideMm - left - 3;
  const beside = full - code - 1.5;
  const head = highMm * 0.2;
  const more = [text.ingredients, text.statement, text.allergens, text.stated]
    .filter((part) => part !== null)
    .join(' ');
  const dates = `${text.made}. ${text.before}. ${text.keep} ${text.batch}. ${net}.`;
  const moreTop = 2 + head + highMm * 0.1 + 0.5;
  const codeTop = highMm - code - 2;
  const moreHigh = codeTop - moreTop - 0.5;
  return [
    {
      x: 0,
      y: 0,
      of: {
        canvas: [
          {
            type: 'rect',
            x: pt(inset),
            y: pt(inset),
            w: pt(wideMm - 2 * inset),
            h: pt(highMm - 2 * inset),
            r: pt(3),
            lineWidth: 1,
            lineColor: RIM,
          },
          {
            type: 'rect',
            x: pt(inset + 0.8),
            y: pt(inset + 0.8),
            w: pt(edge - 0.8),
            h: pt(highMm - 2 * inset - 1.6),
            r: pt(2.2),
            color: text.fruit,
          },
        ],
      },
    },
    {
      x: left,
      y: 2,
      wide: full,
      of: {
        text: text.name,
        bold: true,
        color: RIM,
        fontSize: sizeThatFits(text.name, full, head, 20),
      },
    },
    {
      x: left,
      y: 2 + head,
      wide: full,
      of: { text: text.what, fontSize: sizeThatFits(text.what, full, highMm * 0.1, 11) },
    },
    {
      x: left,
      y: moreTop,
      wide: full,
      of: { text: more, fontSize: sizeThatFits(more, full, moreHigh, 10.5) },
    },
    {
      x: left,
      y: codeTop,
      wide: beside,
      of: { text: dates, fontSize: sizeThatFits(dates, beside, code, 9.5) },
    },
    { x: wideMm - code - 3, y: codeTop, of: qr(text.address, code) },
  ];
}

/** For a lid: the name, the dates and the code within the circle. */
function round({ wideMm }: LabelSheetSize, { text }: Label): Part[] {
  const r = wideMm / 2;
  const code = QR_MM + 2;
  const wide = wideMm * 0.7;
  const left = (wideMm - wide) / 2;
  const centred = (of: string, y: number, high: number, most: number, bold = false): Part => ({
    x: left,
    y,
    wide,
    of: { text: of, alignment: 'center', bold, fontSize: sizeThatFits(of, wide, high, most) },
  });
  return [
    {
      x: 0,
      y: 0,
      of: {
        canvas: [
          {
            type: 'ellipse',
            x: pt(r),
            y: pt(r),
            r1: pt(r - 0.6),
            r2: pt(r - 0.6),
            lineWidth: 3,
            lineColor: text.fruit,
          },
          {
            type: 'ellipse',
            x: pt(r),
            y: pt(r),
            r1: pt(r - 2),
            r2: pt(r - 2),
            lineWidth: 0.7,
            lineColor: RIM,
          },
        ],
      },
    },
    centred(text.name, wideMm * 0.16, wideMm * 0.2, 15, true),
    centred(text.what, wideMm * 0.36, wideMm * 0.07, 9),
    centred(`${text.made}. ${text.before}.`, wideMm * 0.44, wideMm * 0.15, 8),
    { x: r - code / 2, y: wideMm * 0.62, of: qr(text.address, code) },
  ];
}

/** To hang on a jar: a hole, a name, a word of what it is, and the code. */
function tag({ wideMm, highMm }: LabelSheetSize, label: Label): Part[] {
  const { text } = label;
  const code = QR_MM + 3;
  const left = 14;
  const wide = wideMm - left - code - 6;
  const told = [text.keep, text.before + '.', text.allergens, text.stated]
    .filter((part) => part !== null)
    .join(' ');
  return [
    {
      x: 0,
      y: 0,
      of: {
        canvas: [
          {
            type: 'rect',
            x: 0,
            y: 0,
            w: pt(wideMm),
            h: pt(highMm),
            r: pt(5),
            lineWidth: 0.7,
            lineColor: RIM,
            dash: { length: 3 },
          },
          {
            type: 'ellipse',
            x: pt(7),
            y: pt(highMm / 2),
            r1: pt(2.2),
            r2: pt(2.2),
            lineColor: RIM,
          },
          {
            type: 'rect',
            x: pt(left - 3),
            y: pt(4),
            w: pt(1.6),
            h: pt(highMm - 8),
            color: text.fruit,
          },
        ],
      },
    },
    {
      x: left,
      y: 5,
      wide,
      of: {
        text: text.name,
        bold: true,
        color: RIM,
        fontSize: sizeThatFits(text.name, wide, 14, 20),
      },
    },
    { x: left, y: 20, wide, of: { text: text.what, fontSize: 11 } },
    {
      x: left,
      y: 26,
      wide,
      of: { text: told, fontSize: sizeThatFits(told, wide, highMm - 30, 8.5) },
    },
    { x: wideMm - code - 3, y: (highMm - code) / 2, of: qr(text.address, code) },
  ];
}

const ONE: {
  readonly [shape in LabelSheetSize['shape']]: (sheet: LabelSheetSize, label: Label) => Part[];
} = { oblong, round, tag };

/** The file itself. */
export const labelsFile = (sheet: LabelSheetSize, labels: readonly Label[]): Promise<Blob> =>
  pdfMake.createPdf(labelsPdf(sheet, labels)).getBlob();
