export * from './line.ts';
export { MEASURE_IDS, MEASURES_NAMES, type MeasuresId } from './measures.ts';
export type { TaughtName } from './names.ts';
export { teachingFault } from './teaching.ts';
export { DEFAULT_PARSER_KITCHEN, type OwnPack, type ParserKitchen } from './parserKitchen.ts';
export { amountText, readLine } from './readLine.ts';
export * from './readWeighedLine.ts';
export { RIPENESS_WORDS } from './words.ts';
export { isTwoLines, linesIn } from './tokens.ts';
