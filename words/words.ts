import i18next from 'i18next';
import type { MessageId } from './catalogue.ts';
import { EN_GB } from './en-GB/index.ts';
import { EN_US } from './en-US/index.ts';
import { DEFAULT_LANGUAGE } from './language.ts';
import { measuredFor, type Measures } from './measures.ts';
import type { Message, MessageArguments, MessageValue, Text } from './message.ts';

const engine = i18next.createInstance();
void engine.init({
  lng: DEFAULT_LANGUAGE,
  fallbackLng: DEFAULT_LANGUAGE,
  resources: { 'en-US': { translation: EN_US }, 'en-GB': { translation: EN_GB } },
  keySeparator: false,
  nsSeparator: false,
  initAsync: false,
  // React and the PDF maker take text as text.
  interpolation: { escapeValue: false },
});

/** Where a value stands in a text. */
const PLACEHOLDER = /\{\{(\w+)\}\}/g;

/** Between messages that are listed in one. */
const SEPARATOR = ' ';

/** A message in words. */
export type Say = <Id extends MessageId>(id: Id, ...values: MessageArguments<Id>) => string;

/** All words in one language. */
export type Words = {
  readonly language: string;
  readonly say: Say;
  /** The text of a message; of several, one after the other. */
  readonly textOf: (text: Text | readonly Text[]) => string;
};

const spoken = new Map<string, Words>();

/**
 * The words of a language. Numbers among the values are written as that language writes them.
 * @param measures what the reader measures in; both are written where it is left out
 */
export function wordsIn(language: string, measures: Measures = null): Words {
  const key = `${language} ${measures?.units} ${measures?.temperature}`;
  const known = spoken.get(key) ?? wordsOf(language, measures);
  spoken.set(key, known);
  return known;
}

/** Something made once for each language, by whoever needs it first: making one takes milliseconds. */
function inEach<Made>(make: (locale: string) => Made): (language: string) => Made {
  const made = new Map<string, Made>();
  return (language) => {
    const known = made.get(language) ?? make(language.startsWith('en-X') ? 'en-US' : language);
    made.set(language, known);
    return known;
  };
}
const numbersIn = inEach((locale) => new Intl.NumberFormat(locale));
const pluralsIn = inEach((locale) => new Intl.PluralRules(locale));

function wordsOf(language: string, measures: Measures): Words {
  const translate = engine.getFixedT(language);
  const written = (value: MessageValue): string => {
    if (value === null || value === undefined || value === false) return '';
    return typeof value === 'number' ? numbersIn(language).format(value) : textOf(value);
  };
  // The engine looks a text up and reads it anew each time, which a screen that is drawn five times
  // a second would feel.
  const texts = new Map<string, string>();
  const templateOf = (code: string, count: number | undefined): string => {
    const key = count === undefined ? code : `${code} ${pluralsIn(language).select(count)}`;
    const known = texts.get(key);
    if (known !== undefined) return known;
    const text = measuredFor(translate(code, { count, skipInterpolation: true }), measures);
    texts.set(key, text);
    return text;
  };
  const put = (code: string, values: Message['values']): string => {
    const { count } = values;
    return templateOf(code, typeof count === 'number' ? count : undefined).replace(
      PLACEHOLDER,
      (_, name: string) => written(values[name]),
    );
  };
  const textOf = (text: Text | readonly Text[]): string => {
    if (typeof text === 'string') return text;
    return isMessage(text)
      ? put(text.code, text.values)
      : text.map((one) => textOf(one)).join(SEPARATOR);
  };
  return { language, say: (id, ...[values]) => put(id, values ?? {}), textOf };
}

const isMessage = (text: Message | readonly Text[]): text is Message => !Array.isArray(text);

let reads: Measures = null;
let current = wordsIn(DEFAULT_LANGUAGE);

/** Speaks another language from now on, wherever no language is asked for. */
export function setLanguage(language: string): void {
  current = wordsIn(language, reads);
}

/** Writes measures in one system from now on, wherever no language is asked for. */
export function setMeasures(measures: Measures): void {
  reads = measures;
  current = wordsIn(current.language, reads);
}

/** The language that is spoken where none is asked for. */
export const currentLanguage = (): string => current.language;

/** A message in the current language. */
export const say: Say = (id, ...values) => current.say(id, ...values);

/** The text of a message, or of several one after the other, in the current language. */
export const textOf = (text: Text | readonly Text[]): string => current.textOf(text);

/** Adds a language, such as the pseudo-language of the tests. */
export const addLanguage = (language: string, texts: { readonly [key: string]: string }): void => {
  engine.addResourceBundle(language, 'translation', texts);
};
