import { say, type PlainMessageId } from '@idle-kettle/words';
import { sizeThatFits } from './fitting.ts';
import type { LabelText } from './labelText.ts';
import type { LabelSheetSize } from './sheets.ts';

/** A label to print: its words, and what the jar holds. */
export type Label = { readonly text: LabelText; readonly net: string };

/** How labels look. */
export const LABEL_DESIGNS = ['everyday', 'picture', 'gift', 'show'] as const;
/** One of {@link LABEL_DESIGNS}. */
export type LabelDesign = (typeof LABEL_DESIGNS)[number];

export const DESIGN_NAMES: { readonly [design in LabelDesign]: PlainMessageId } = {
  everyday: 'labels.designEveryday',
  picture: 'labels.designPicture',
  gift: 'labels.designGift',
  show: 'labels.designShow',
};

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

/** Something square on a label, mm from its top left corner. */
type Square = { readonly x: number; readonly y: number; readonly mm: number };

/**
 * A label laid out: its words, its square code, the drawing of its fruit, and lines to write on.
 */
export type LaidOut = {
  readonly words: readonly Words[];
  readonly code: Square;
  readonly drawing: Square | null;
  readonly lines: readonly { readonly x: number; readonly y: number; readonly wide: number }[];
};

/** Type below this is too small for a label that is read, pt: capital letters of 1.2 mm. */
export const SMALL_PT = 5;
/** The least side of a code that a phone reads from a jar, mm. */
const CODE_MM = 14;
/** The band in the colour of the fruit, along the left edge, mm. */
export const bandMm = ({ wideMm }: LabelSheetSize): number => Math.max(3, wideMm * 0.05);

type Layout = (sheet: LabelSheetSize, label: Label) => LaidOut;

/** Where everything stands on one label of a sheet. */
export const laidOut = (sheet: LabelSheetSize, design: LabelDesign, label: Label): LaidOut =>
  LAYOUTS[sheet.shape][design](sheet, label);

/** The smallest type on a label, pt. */
export const smallestType = (sheet: LabelSheetSize, design: LabelDesign, label: Label): number =>
  Math.min(...laidOut(sheet, design, label).words.map(({ size }) => size));

const said = (...parts: readonly (string | null)[]): string[] =>
  parts.filter((part): part is string => part !== null && part !== '');

/** A name that says what it is needs no more. */
const whatBeside = ({ name, what }: LabelText): string | null =>
  name.toLowerCase().includes(what.toLowerCase()) ? null : what;

function fitted(
  place: Pick<Words, 'x' | 'y' | 'wide'>,
  high: number,
  most: number,
  paragraphs: readonly string[],
  look: Pick<Words, 'bold' | 'centred'> = {},
): Words {
  return { ...place, ...look, paragraphs, size: sizeThatFits(paragraphs, place.wide, high, most) };
}

/** What a jar that is looked at more than read has to say besides its name. */
const small = ({ text, net }: Label, ...more: readonly string[]): string[] =>
  said(`${text.made}. ${net}. ${text.batch}.`, ...more, text.allergens, text.stated);

/**
 * Name across the top; under it everything there is to say, with the fruit and the code beside it.
 */
const everyday: Layout = (sheet, label) => {
  const { text, net } = label;
  return headed(
    sheet,
    label,
    said(
      text.line,
      [...said(whatBeside(text)), text.made, text.before, net].map((part) => `${part}.`).join(' '),
      text.keep,
      text.ingredients,
      text.statement,
      text.allergens,
      text.stated,
      said(text.to, text.from).join(', '),
      text.batch,
    ),
  );
};

/** For a fair: what it is, how and how long it was processed, and when. */
const show: Layout = (sheet, label) => {
  const { text, net } = label;
  return headed(
    sheet,
    label,
    said(
      whatBeside(text),
      text.processed === null ? `${text.before}.` : `${text.processed}.`,
      `${text.made}. ${net}.`,
      text.line,
      text.ingredients,
      text.allergens,
      text.stated,
      text.from,
    ),
  );
};

/** A name across the top, and paragraphs under it, with the fruit and the code beside them. */
function headed(sheet: LabelSheetSize, { text }: Label, paragraphs: readonly string[]): LaidOut {
  const { wideMm, highMm } = sheet;
  const x = bandMm(sheet) + 2.8;
  const wide = wideMm - x - 3;
  const head = highMm * 0.24;
  const under = 2 + head;
  const mm = Math.min(22, Math.max(CODE_MM, highMm * 0.32));
  const room = highMm - mm - 4 - under;
  const drawn = Math.min(mm, room);
  return {
    words: [
      fitted({ x, y: 2, wide }, head, 30, [text.name], { bold: true }),
      fitted({ x, y: under, wide: wide - mm - 2 }, highMm - under - 2.5, 12, paragraphs),
    ],
    code: { x: wideMm - mm - 3, y: highMm - mm - 3, mm },
    drawing: drawn < 6 ? null : { x: wideMm - 3 - mm / 2 - drawn / 2, y: under - 0.5, mm: drawn },
    lines: [],
  };
}

/** The fruit large at the left, the name large beside it, the rest small at the foot. */
const picture: Layout = ({ wideMm, highMm }, label) => {
  const { text } = label;
  const foot = highMm * 0.62;
  const drawn = Math.min(wideMm * 0.32, foot - 4);
  const x = drawn + 6;
  const wide = wideMm - x - 3.5;
  const under = 3 + highMm * 0.34;
  const codeY = highMm - CODE_MM - 3;
  return {
    words: [
      fitted({ x, y: 3, wide }, highMm * 0.34, 32, [text.name], { bold: true }),
      fitted(
        { x, y: under, wide },
        Math.min(foot, codeY) - under - 0.5,
        12,
        said(whatBeside(text), text.line, `${text.before}.`),
      ),
      fitted(
        { x: 4, y: foot, wide: wideMm - CODE_MM - 10 },
        highMm - foot - 2.5,
        8.5,
        small(label, text.keep, text.ingredients, ...said(text.to, text.from)),
      ),
    ],
    code: { x: wideMm - CODE_MM - 3, y: codeY, mm: CODE_MM },
    drawing: { x: 3.5, y: 2 + (foot - drawn - 2.5) / 2, mm: drawn },
    lines: [],
  };
};

/**
 * Who gives it, or whom to: as it was written, or the word before a line to write on.
 * @param above room over the line that a written name may take as well, mm
 */
const givenWords = (
  place: Pick<Words, 'x' | 'y' | 'wide'>,
  most: number,
  given: string | null,
  word: PlainMessageId,
  above = 0,
): Words =>
  given === null
    ? { ...place, wide: Math.min(place.wide, 10), size: most, paragraphs: [say(word)] }
    : fitted({ ...place, y: place.y - above }, most * 0.42 + above, 13, [given]);

/** The name in the middle under “made for you”, with lines for who gives it to whom. */
const gift: Layout = ({ wideMm, highMm }, label) => {
  const { text } = label;
  const drawn = Math.min(16, highMm * 0.26);
  const middle = { x: drawn + 4, wide: wideMm - 2 * drawn - 8 };
  const line = highMm * 0.545;
  const half = (wideMm - 14) / 2;
  const mark = Math.min(10, Math.max(5, highMm * 0.14));
  const above = line + 2.4 - 0.42 * mark;
  return {
    words: [
      fitted({ ...middle, y: 2.5 }, highMm * 0.1, 11, [say('labels.madeForYou')], {
        centred: true,
      }),
      fitted({ ...middle, y: 2.5 + highMm * 0.11 }, highMm * 0.31, 28, [text.name], {
        bold: true,
        centred: true,
      }),
      givenWords({ x: 4, y: above, wide: half }, mark, text.to, 'labels.to', highMm * 0.05),
      givenWords(
        { x: 6 + half, y: above, wide: wideMm - CODE_MM - 10 - half },
        mark,
        text.from,
        'labels.from',
        highMm * 0.05,
      ),
      fitted(
        { x: 4, y: line + 4.5, wide: wideMm - CODE_MM - 10 },
        highMm - line - 7,
        8.5,
        said(text.line, `${text.before}. ${text.keep}`, ...small(label)),
      ),
    ],
    code: { x: wideMm - CODE_MM - 3, y: highMm - CODE_MM - 2, mm: CODE_MM },
    drawing: { x: 3, y: 2.5, mm: drawn },
    // Lines to write on, where nobody wrote it already.
    lines: [
      ...(text.to === null ? [{ x: 12, y: line + 2.4, wide: half - 8 }] : []),
      ...(text.from === null ? [{ x: 15 + half, y: line + 2.4, wide: half - 10 }] : []),
    ],
  };
};

/** For a lid: the fruit, the name, the dates and the code within the circle. */
const round: Layout = ({ wideMm }, { text }) => {
  const mm = Math.max(CODE_MM, wideMm * 0.27);
  const at = (y: number) => ({ x: wideMm * 0.15, y: wideMm * y, wide: wideMm * 0.7 });
  const look = { centred: true } as const;
  return {
    words: [
      fitted(at(0.21), wideMm * 0.18, 16, [text.name], { ...look, bold: true }),
      fitted(
        at(0.4),
        wideMm * 0.22,
        9,
        said(whatBeside(text), text.line, `${text.made}.`, `${text.before}.`),
        look,
      ),
    ],
    code: { x: (wideMm - mm) / 2, y: wideMm * 0.64, mm },
    drawing: { x: wideMm * 0.425, y: wideMm * 0.055, mm: wideMm * 0.15 },
    lines: [],
  };
};

/**
 * To hang on a jar, a hole at its left: a name, a word of what it is and how it keeps, and the
 * code.
 */
const tag = (sheet: LabelSheetSize, { text }: Label, isGift: boolean): LaidOut => {
  const { wideMm, highMm } = sheet;
  const mm = 18;
  const x = 14;
  const wide = wideMm - x - mm - 6;
  const foot = isGift ? highMm * 0.68 : highMm;
  return {
    words: [
      fitted({ x, y: 4, wide }, 14, 22, [text.name], { bold: true }),
      fitted(
        { x, y: 19, wide },
        foot - 22,
        10,
        said(
          whatBeside(text),
          text.line,
          `${text.before}.`,
          text.keep,
          text.allergens,
          text.stated,
        ),
      ),
      ...(isGift
        ? [
            givenWords({ x, y: highMm - 14, wide }, 9, text.to, 'labels.to'),
            givenWords({ x, y: highMm - 7.5, wide }, 9, text.from, 'labels.from'),
          ]
        : []),
    ],
    code: { x: wideMm - mm - 4, y: highMm - mm - 4, mm },
    drawing: { x: wideMm - mm - 4, y: 4, mm },
    lines: isGift
      ? [
          ...(text.to === null ? [highMm - 10.5] : []),
          ...(text.from === null ? [highMm - 4] : []),
        ].map((y) => ({ x: x + 10, y, wide: wide - 10 }))
      : [],
  };
};

const tagged =
  (isGift: boolean): Layout =>
  (sheet, label) =>
    tag(sheet, label, isGift);

const LAYOUTS: {
  readonly [shape in LabelSheetSize['shape']]: { readonly [design in LabelDesign]: Layout };
} = {
  oblong: { everyday, picture, gift, show },
  round: { everyday: round, picture: round, gift: round, show: round },
  tag: {
    everyday: tagged(false),
    picture: tagged(false),
    gift: tagged(true),
    show: tagged(false),
  },
};
