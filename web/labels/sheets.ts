import { type PlainMessageId } from '@idle-kettle/words';
import type { UnitSystem } from '@idle-kettle/core';
import { paperOf } from '../ui/paper.ts';

/**
 * A sheet of labels by its measures, mm. Nothing here is anybody’s number: whoever has such a sheet
 * finds it by its sizes.
 */
export type LabelSheetSize = {
  readonly id: string;
  readonly name: PlainMessageId;
  readonly page: 'A4' | 'LETTER';
  readonly shape: 'oblong' | 'round' | 'tag';
  readonly wideMm: number;
  readonly highMm: number;
  readonly columns: number;
  readonly rows: number;
  /** From the paper’s edge to the first label. */
  readonly leftMm: number;
  readonly topMm: number;
  /** From one label’s edge to the next’s. */
  readonly acrossMm: number;
  readonly downMm: number;
};

const INCH = 25.4;

/** Sheets as stationers sell them, and two of our own to cut out. */
export const LABEL_SHEETS: readonly LabelSheetSize[] = [
  {
    id: 'a4-99x68',
    name: 'labels.9968Mm8On',
    page: 'A4',
    shape: 'oblong',
    wideMm: 99.1,
    highMm: 67.7,
    columns: 2,
    rows: 4,
    leftMm: 4.65,
    topMm: 13.1,
    acrossMm: 2.5,
    downMm: 0,
  },
  {
    id: 'a4-64x38',
    name: 'labels.63538Mm21',
    page: 'A4',
    shape: 'oblong',
    wideMm: 63.5,
    highMm: 38.1,
    columns: 3,
    rows: 7,
    leftMm: 7.2,
    topMm: 15.1,
    acrossMm: 2.5,
    downMm: 0,
  },
  {
    id: 'letter-4x2',
    name: 'labels.42In10On',
    page: 'LETTER',
    shape: 'oblong',
    wideMm: 4 * INCH,
    highMm: 2 * INCH,
    columns: 2,
    rows: 5,
    leftMm: 0.16 * INCH,
    topMm: 0.5 * INCH,
    acrossMm: 0.18 * INCH,
    downMm: 0,
  },
  {
    id: 'round-60',
    name: 'labels.round60MmForLids',
    page: 'A4',
    shape: 'round',
    wideMm: 60,
    highMm: 60,
    columns: 3,
    rows: 4,
    leftMm: 9,
    topMm: 17,
    acrossMm: 6,
    downMm: 6,
  },
  {
    id: 'tag-50x90',
    name: 'labels.giftTags9050Mm',
    page: 'A4',
    shape: 'tag',
    wideMm: 90,
    highMm: 50,
    columns: 2,
    rows: 5,
    leftMm: 12,
    topMm: 15,
    acrossMm: 6,
    downMm: 4,
  },
  {
    id: 'letter-round-60',
    name: 'labels.round238InForLids',
    page: 'LETTER',
    shape: 'round',
    wideMm: 60,
    highMm: 60,
    columns: 3,
    rows: 4,
    leftMm: 12,
    topMm: 10.5,
    acrossMm: 6,
    downMm: 6,
  },
  {
    id: 'letter-tag-50x90',
    name: 'labels.giftTags3122InOnLetter',
    page: 'LETTER',
    shape: 'tag',
    wideMm: 3.5 * INCH,
    highMm: 2 * INCH,
    columns: 2,
    rows: 5,
    leftMm: 16,
    topMm: 5,
    acrossMm: 6,
    downMm: 3.5,
  },
];

/** Sheets on the paper that a kitchen has first, then the others. */
export const sheetsFor = (units: UnitSystem): readonly LabelSheetSize[] => {
  const paper = paperOf(units);
  return [
    ...LABEL_SHEETS.filter(({ page }) => page === paper),
    ...LABEL_SHEETS.filter(({ page }) => page !== paper),
  ];
};

/** Where each label of a page stands, mm from its top left corner. */
export const placesOn = (sheet: LabelSheetSize): readonly { x: number; y: number }[] =>
  Array.from({ length: sheet.rows * sheet.columns }, (_, i) => ({
    x: sheet.leftMm + (i % sheet.columns) * (sheet.wideMm + sheet.acrossMm),
    y: sheet.topMm + Math.floor(i / sheet.columns) * (sheet.highMm + sheet.downMm),
  }));
