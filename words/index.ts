export type { MessageId, PlainMessageId, ValuesOf } from './catalogue.ts';
export { EN_GB } from './en-GB/index.ts';
export { EN_US } from './en-US/index.ts';
export { DEFAULT_LANGUAGE, LANGUAGES, languageFor, type Language } from './language.ts';
export { type Measures } from './measures.ts';
export { inWords, withCodes } from './inWords.ts';
export {
  message,
  sentences,
  type InWords,
  type Message,
  type MessageValue,
  type Text,
} from './message.ts';
export {
  addLanguage,
  currentLanguage,
  say,
  setLanguage,
  setMeasures,
  textOf,
  wordsIn,
  type Say,
  type Words,
} from './words.ts';
