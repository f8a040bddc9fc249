export type { MessageId, PlainMessageId } from './catalogue.ts';
export { EN_GB } from './en-GB/index.ts';
export { EN_US } from './en-US/index.ts';
export { DEFAULT_LANGUAGE, LANGUAGES, languageFor, type Language } from './language.ts';
export { message, type Message, type MessageValue } from './message.ts';
export {
  addLanguage,
  currentLanguage,
  say,
  setLanguage,
  textOf,
  wordsIn,
  type Say,
  type Words,
} from './words.ts';
