/** Months of the year in which fruit is ripe, January 1, in the order they come. */
type Months = readonly number[];

/**
 * When fruit is ripe in the north, outdoors in a temperate climate, or in the shops where it comes
 * from further south; common practice. A place moves it by weeks either way.
 */
const RIPE_IN_THE_NORTH: { readonly [fruit: string]: Months } = {
  apple: [8, 9, 10, 11],
  'crab-apple': [9, 10],
  apricot: [6, 7, 8],
  blackberry: [8, 9],
  'wild-blackberry': [8, 9],
  blackcurrant: [7, 8],
  blueberry: [7, 8],
  bilberry: [7, 8],
  boysenberry: [7, 8],
  cherry: [6, 7],
  'sour-cherry': [6, 7],
  clementine: [11, 12, 1],
  cranberry: [9, 10, 11],
  damson: [9],
  elderberry: [8, 9],
  fig: [8, 9],
  gooseberry: [6, 7],
  grape: [9, 10],
  'fox-grape': [9, 10],
  grapefruit: [1, 2, 3],
  greengage: [8, 9],
  hawthorn: [9, 10],
  lemon: [1, 2, 3],
  lime: [6, 7, 8],
  medlar: [10, 11],
  mulberry: [7, 8],
  nectarine: [7, 8],
  orange: [12, 1, 2, 3],
  'seville-orange': [1, 2],
  peach: [7, 8],
  pear: [8, 9, 10],
  persimmon: [10, 11],
  plum: [8, 9],
  'wild-plum': [8, 9],
  pumpkin: [9, 10, 11],
  quince: [10, 11],
  raspberry: [6, 7, 8],
  'wild-raspberry': [7, 8],
  redcurrant: [7],
  rhubarb: [4, 5, 6],
  'rose-hip': [9, 10, 11],
  rowan: [8, 9],
  saskatoon: [6, 7],
  sloe: [10, 11],
  strawberry: [5, 6, 7],
  'wild-strawberry': [6, 7],
  tomato: [8, 9],
  'green-tomato': [9, 10],
};

/** Time zones whose names tell that they lie south of the equator. */
const SOUTHERN =
  /^(?:Australia|Antarctica)\/|^Pacific\/(?:Auckland|Chatham|Fiji|Tongatapu|Noumea)|^Africa\/(?:Johannesburg|Harare|Maputo|Lusaka|Windhoek|Gaborone|Maseru|Mbabane|Blantyre)|^America\/(?:Sao_Paulo|Argentina|Buenos_Aires|Santiago|Montevideo|Asuncion|La_Paz|Lima|Punta_Arenas)|^Indian\/(?:Antananarivo|Mauritius|Reunion)/;

/** Whether a time zone lies south of the equator, as far as its name tells. */
export const isSouthern = (zone: string | null): boolean => SOUTHERN.test(zone ?? '');

/** Months in which a fruit is ripe in a zone; none where nobody knows it. */
export function ripeMonths(fruit: string, zone: string | null): Months {
  const months = RIPE_IN_THE_NORTH[fruit] ?? [];
  return isSouthern(zone) ? months.map((month) => ((month + 5) % 12) + 1) : months;
}

/** Fruit that is ripe in a month, January 1. */
export const ripeIn = (month: number, zone: string | null): readonly string[] =>
  Object.keys(RIPE_IN_THE_NORTH).filter((fruit) => ripeMonths(fruit, zone).includes(month));
