import { say } from '@idle-kettle/words';
import type { CanvasElement, Content, TDocumentDefinitions } from 'pdfmake/interfaces';
import { create } from 'qrcode';
import { createElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { FruitDrawing } from '../drawings/FruitDrawing.tsx';
import { pdfFile } from '../ui/pdf.ts';
import { pt } from './fitting.ts';
import { bandMm, laidOut, type Label, type LabelDesign, type Words } from './labelLayout.ts';
import type { LabelText } from './labelText.ts';
import { placesOn, type LabelSheetSize } from './sheets.ts';

const INK = '#1f2a30';
const RIM = '#1d3f4f';
/** What the fruit is drawn with. */
const INKS = { line: RIM, leaf: '#5c8a4a', seed: '#ffffff' };

/** Sheets of labels: each label once, one after another, as many pages as they take. */
export function labelsPdf(
  sheet: LabelSheetSize,
  design: LabelDesign,
  labels: readonly Label[],
): TDocumentDefinitions {
  const places = placesOn(sheet);
  const content = labels.flatMap((label, index): Content[] => {
    const place = places[index % places.length] ?? { x: 0, y: 0 };
    const drawn = oneLabel(sheet, design, label, place);
    return index > 0 && index % places.length === 0
      ? [{ text: '', pageBreak: 'before' }, ...drawn]
      : drawn;
  });
  return {
    pageSize: sheet.page,
    pageMargins: 0,
    info: { title: labels[0]?.text.name ?? say('labels.labels') },
    content,
    defaultStyle: { color: INK, lineHeight: 1 },
  };
}

type Place = { readonly x: number; readonly y: number };

const on = (place: Place, x: number, y: number) => ({ x: pt(place.x + x), y: pt(place.y + y) });

function oneLabel(
  sheet: LabelSheetSize,
  design: LabelDesign,
  label: Label,
  place: Place,
): Content[] {
  const { words, code, drawing, lines } = laidOut(sheet, design, label);
  const frame =
    design === 'everyday' ? FRAMES[sheet.shape] : (PLAIN[sheet.shape] ?? FRAMES[sheet.shape]);
  return [
    { canvas: frame(sheet, label.text.fruit), absolutePosition: on(place, 0, 0) },
    ...(drawing === null
      ? []
      : [
          {
            svg: fruitSvg(label.text),
            width: pt(drawing.mm),
            absolutePosition: on(place, drawing.x, drawing.y),
          },
        ]),
    ...words.map((part) => written(part, place)),
    ...lines.map(({ x, y, wide }): Content => ({
      canvas: [{ type: 'line', x1: 0, y1: 0, x2: pt(wide), y2: 0, lineWidth: 0.6, lineColor: RIM }],
      absolutePosition: on(place, x, y),
    })),
    {
      svg: codeSvg(label.text.address),
      width: pt(code.mm),
      absolutePosition: on(place, code.x, code.y),
    },
  ];
}

/** The fruit of a batch, drawn for paper. */
const fruitSvg = ({ shape, fruit }: LabelText): string =>
  renderToStaticMarkup(createElement(FruitDrawing, { shape, colour: fruit, inks: INKS })).replace(
    '<svg ',
    '<svg xmlns="http://www.w3.org/2000/svg" ',
  );

/** Text stands in a table of one cell, which alone gives it a width where it stands freely. */
const written = (
  { x, y, wide, size, paragraphs, bold, centred }: Words,
  place: Place,
): Content => ({
  absolutePosition: on(place, x, y),
  table: {
    widths: [pt(wide)],
    body: [
      [
        {
          stack: paragraphs.map((text) => ({ text })),
          fontSize: size,
          alignment: centred ? 'center' : 'left',
          ...(bold ? { bold, color: RIM } : {}),
        },
      ],
    ],
  },
  layout: {
    hLineWidth: () => 0,
    vLineWidth: () => 0,
    paddingLeft: () => 0,
    paddingRight: () => 0,
    paddingTop: () => 0,
    paddingBottom: () => 0,
  },
});

/** The square code of an address, a drawing of its dark modules. */
function codeSvg(address: string): string {
  const { modules } = create(address, { errorCorrectionLevel: 'M' });
  const dark = Array.from({ length: modules.size ** 2 }, (_, i) => i)
    .filter((i) => modules.data[i] === 1)
    // A hair wider than its place, so that no white line shows between two.
    .map((i) => `M${i % modules.size} ${Math.floor(i / modules.size)}h1.02v1.02h-1.02z`)
    .join('');
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${modules.size} ${modules.size}"><path fill="${INK}" d="${dark}"/></svg>`;
}

type Frame = (sheet: LabelSheetSize, fruit: string) => CanvasElement[];

/**
 * A double rule in the colours of pot and fruit, for the labels that are looked at more than read.
 */
const PLAIN: { readonly [shape in LabelSheetSize['shape']]?: Frame } = {
  oblong: ({ wideMm, highMm }, fruit) =>
    [
      { inset: 1, lineWidth: 1.6, lineColor: fruit },
      { inset: 2, lineWidth: 0.6, lineColor: RIM },
    ].map(({ inset, ...line }) => ({
      type: 'rect',
      x: pt(inset),
      y: pt(inset),
      w: pt(wideMm - 2 * inset),
      h: pt(highMm - 2 * inset),
      r: pt(3),
      ...line,
    })),
};

/**
 * The label that every batch wears: paper, a rule round it, and one edge in the colour of its
 * fruit.
 */
const FRAMES: { readonly [shape in LabelSheetSize['shape']]: Frame } = {
  oblong: (sheet, fruit) => [
    {
      type: 'rect',
      x: pt(1.2),
      y: pt(1.2),
      w: pt(sheet.wideMm - 2.4),
      h: pt(sheet.highMm - 2.4),
      r: pt(3),
      lineWidth: 1,
      lineColor: RIM,
    },
    {
      type: 'rect',
      x: pt(2),
      y: pt(2),
      w: pt(bandMm(sheet) - 0.8),
      h: pt(sheet.highMm - 4),
      r: pt(2),
      color: fruit,
    },
  ],
  round: ({ wideMm }, fruit) =>
    [
      { inset: 0.6, lineWidth: 3, lineColor: fruit },
      { inset: 2, lineWidth: 0.7, lineColor: RIM },
    ].map(({ inset, ...line }) => ({
      type: 'ellipse',
      x: pt(wideMm / 2),
      y: pt(wideMm / 2),
      r1: pt(wideMm / 2 - inset),
      r2: pt(wideMm / 2 - inset),
      ...line,
    })),
  tag: ({ wideMm, highMm }, fruit) => [
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
    { type: 'ellipse', x: pt(7), y: pt(highMm / 2), r1: pt(2.2), r2: pt(2.2), lineColor: RIM },
    { type: 'rect', x: pt(11), y: pt(4), w: pt(1.6), h: pt(highMm - 8), color: fruit },
  ],
};

/** The file itself. */
export const labelsFile = (
  sheet: LabelSheetSize,
  design: LabelDesign,
  labels: readonly Label[],
): Promise<Blob> => pdfFile(labelsPdf(sheet, design, labels));
