import { sizeThatFits } from './fitting.ts';
import type { LabelText } from './labelText.ts';
import type { LabelSheetSize } from './sheets.ts';

/** A label to print: its words, and what the jar holds. */
export type Label = { readonly text: LabelText; readonly net: string };

/** Paragraphs on a label: where, how wide, mm; how large, pt. */
export type Words = {
  readonly x: number;
  readonly y: number;
  readonly wide: number;
  readonly size: number;
  readonly paragraphs: readonly string[];
  readonly bold?: true;
  readonly centred?: true;
};

/** A label laid out: its words, and its square code, mm from its top left corner. */
export type LaidOut = {
  readonly words: readonly Words[];
  readonly code: { readonly x: number; readonly y: number; readonly mm: number };
};

/** Type below this is too small for a label that is read, pt: capital letters of 1.2 mm. */
export const SMALL_PT = 5;
/** The least side of a code that a phone reads from a jar, mm. */
const CODE_MM = 14;
/** The band in the colour of the fruit, along the left edge, mm. */
export const bandMm = ({ wideMm }: LabelSheetSize): number => Math.max(3, wideMm * 0.05);

/** Where everything stands on one label of a sheet. */
export const laidOut = (sheet: LabelSheetSize, label: Label): LaidOut =>
  LAYOUTS[sheet.shape](sheet, label);

/** The smallest type on a label, pt. */
export const smallestType = (sheet: LabelSheetSize, label: Label): number =>
  Math.min(...laidOut(sheet, label).words.map(({ size }) => size));

const said = (...parts: readonly (string | null)[]): string[] =>
  parts.filter((part): part is string => part !== null && part !== '');

function fitted(
  place: Pick<Words, 'x' | 'y' | 'wide'>,
  high: number,
  most: number,
  paragraphs: readonly string[],
  look: Pick<Words, 'bold' | 'centred'> = {},
): Words {
  return { ...place, ...look, paragraphs, size: sizeThatFits(paragraphs, place.wide, high, most) };
}

/** Name across the top; under it everything there is to say, and the code beside it. */
function oblong(sheet: LabelSheetSize, { text, net }: Label): LaidOut {
  const { wideMm, highMm } = sheet;
  const x = bandMm(sheet) + 2.8;
  const wide = wideMm - x - 3;
  const head = highMm * 0.2;
  const under = 2 + head;
  const mm = Math.min(24, Math.max(CODE_MM, highMm * 0.34));
  return {
    words: [
      fitted({ x, y: 2, wide }, head, 20, [text.name], { bold: true }),
      fitted(
        { x, y: under, wide: wide - mm - 2 },
        highMm - under - 2.5,
        10,
        said(
          `${text.what[0]?.toUpperCase() ?? ''}${text.what.slice(1)}. ${text.made}. ${text.before}. ${net}.`,
          text.keep,
          text.ingredients,
          text.statement,
          text.allergens,
          text.stated,
          text.batch,
        ),
      ),
    ],
    code: { x: wideMm - mm - 3, y: highMm - mm - 3, mm },
  };
}

/** For a lid: the name, the dates and the code within the circle. */
function round({ wideMm }: LabelSheetSize, { text }: Label): LaidOut {
  const mm = Math.max(CODE_MM, wideMm * 0.29);
  const at = (y: number) => ({ x: wideMm * 0.15, y: wideMm * y, wide: wideMm * 0.7 });
  const look = { centred: true } as const;
  return {
    words: [
      fitted(at(0.15), wideMm * 0.2, 15, [text.name], { ...look, bold: true }),
      fitted(at(0.37), wideMm * 0.22, 9, said(text.what, `${text.made}.`, `${text.before}.`), look),
    ],
    code: { x: (wideMm - mm) / 2, y: wideMm * 0.61, mm },
  };
}

/** To hang on a jar, a hole at its left: a name, a word of what it is and how it keeps, and the code. */
function tag({ wideMm, highMm }: LabelSheetSize, { text }: Label): LaidOut {
  const mm = 20;
  const x = 14;
  const wide = wideMm - x - mm - 6;
  return {
    words: [
      fitted({ x, y: 5, wide }, 14, 20, [text.name], { bold: true }),
      fitted(
        { x, y: 20, wide },
        highMm - 24,
        9.5,
        said(`${text.what}.`, `${text.before}.`, text.keep, text.allergens, text.stated),
      ),
    ],
    code: { x: wideMm - mm - 4, y: (highMm - mm) / 2, mm },
  };
}

const LAYOUTS: {
  readonly [shape in LabelSheetSize['shape']]: (sheet: LabelSheetSize, label: Label) => LaidOut;
} = { oblong, round, tag };
