import {
  EN_GB,
  EN_US,
  inWords,
  languageFor,
  LANGUAGES,
  message,
  type Measures,
  say,
  sentences,
  setMeasures,
  textOf,
  withCodes,
  wordsIn,
} from './index.ts';
import { addPseudo, outsideCatalogue, PSEUDO } from './pseudo.ts';

const placeholders = (text: string): string[] =>
  [...text.matchAll(/\{\{(\w+)\}\}/g)].map(([, name]) => name ?? '').toSorted();

test('every message is written, and ends or begins with no space but for a part of a sentence', () => {
  for (const [key, text] of Object.entries(EN_US)) {
    expect([key, text.trim()]).not.toEqual([key, '']);
    expect([key, /\s{2}/.test(text)]).toEqual([key, false]);
  }
});

test('nothing is shouted, and nothing ends in a mark of exclamation', () => {
  for (const [key, text] of Object.entries(EN_US)) expect([key, /!(?:\s|$)/.test(text)]).toEqual([key, false]); // prettier-ignore
});

test('British English has the placeholders of the US text that it stands for', () => {
  for (const [key, text] of Object.entries(EN_GB))
    expect([key, placeholders(text)]).toEqual([
      key,
      placeholders(EN_US[key as keyof typeof EN_US]),
    ]);
});

test('a plural has a text for one and a text for many', () => {
  const keys = new Set(Object.keys(EN_US));
  for (const key of keys) {
    if (key.endsWith('_one')) expect(keys).toContain(key.replace(/_one$/, '_other'));
    if (key.endsWith('_other')) expect(keys).toContain(key.replace(/_other$/, '_one'));
  }
  expect(say('speech.minutesToGo', { count: 1 })).toBe('1 minute to go');
  expect(say('speech.minutesToGo', { count: 20 })).toBe('20 minutes to go');
});

test('numbers are written as the language writes them, and a message in a message is put into words with it', () => {
  expect(say('kitchen.enterAWholeNumberFrom', { MOST: 1200 })).toBe('Enter a whole number from 1 to 1,200.'); // prettier-ignore
  expect(textOf(message('advice.remedy', { act: message('advice.useTheLongBoilMethod'), why: '.' }))).toBe('Use the long-boil method instead.'); // prettier-ignore
});

test('sentences follow one another, and those that are absent leave nothing', () => {
  expect(textOf(sentences('One.', null, false, undefined, '', 'Two.'))).toBe('One. Two.');
});

test('what a cook wrote is never taken for a placeholder or for another message', () => {
  const odd = '{{name}} $t(api.fault) <b>';
  expect(say('batches.deleted', { name: odd })).toBe(`Deleted “${odd}”.`);
});

test('a kitchen that measures as the UK does reads of a hob', () => {
  expect(wordsIn('en-GB').say('acts.lightTheBurner')).toBe('Light the hob');
  expect(wordsIn('en-GB').say('balance.saveBatch')).toBe(wordsIn('en-US').say('balance.saveBatch'));
});

test.each([
  [undefined, 'en-US'],
  ['', 'en-US'],
  ['en-GB,en;q=0.8', 'en-GB'],
  ['de, en-gb;q=0.5', 'en-GB'],
  ['xx', 'en-US'],
])('who asks for %j is answered in %s', (wishes, language) =>
  expect(languageFor(wishes)).toBe(language),
);

test('a value is put into words wherever a message stands in it, and keeps all else', () => {
  const plan = { shelf: { reasons: [message('api.theServerIsntAnswering')], months: 12 }, cloud: [1, 2], note: null }; // prettier-ignore
  expect(inWords(plan)).toEqual({ shelf: { reasons: ['The server isn’t answering.'], months: 12 }, cloud: [1, 2], note: null }); // prettier-ignore
  expect(withCodes({ ...plan, text: message('api.theServerIsntAnswering') })).toMatchObject({
    shelf: { reasons: ['The server isn’t answering.'], reasonsMessages: [{ code: 'api.theServerIsntAnswering', values: {} }] },
    text: 'The server isn’t answering.',
    textMessage: { code: 'api.theServerIsntAnswering', values: {} },
  }); // prettier-ignore
});

test('in the pseudo-language nothing of a message is left outside its brackets', () => {
  addPseudo();
  const words = wordsIn(PSEUDO);
  expect(outsideCatalogue(words.say('batches.deleted', { name: 'Plum' })).trim()).toBe('');
  expect(outsideCatalogue(`Plum ${words.say('ui.batches')}`).trim()).toBe('Plum');
  expect(LANGUAGES).not.toContain(PSEUDO);
});

describe('measures', () => {
  const US = { units: 'us', temperature: 'F' } as const;
  const METRIC = { units: 'metric', temperature: 'C' } as const;
  const MIXED = { units: 'us', temperature: 'C' } as const;

  test('are written as their reader measures, and in both systems where nobody knows', () => {
    const inLanguage = (measures: Measures) =>
      wordsIn('en-US', measures).say('balance.above82C180F');
    expect(inLanguage(US)).toBe('Above 180 °F it curdles.');
    expect(inLanguage(METRIC)).toBe('Above 82 °C it curdles.');
    expect(inLanguage(MIXED)).toBe('Above 82 °C it curdles.');
    expect(inLanguage(null)).toBe('Above 82 °C (180 °F) it curdles.');
    expect(wordsIn('en-US', MIXED).say('acts.headspace', { mm: 6, inches: '¼' })).toBe('¼ in');
  });

  test('change with the reader wherever no language is asked for', () => {
    setMeasures(METRIC);
    expect(say('balance.above82C180F')).toBe('Above 82 °C it curdles.');
    setMeasures(null);
    expect(say('balance.above82C180F')).toBe('Above 82 °C (180 °F) it curdles.');
  });

  /** What explains a unit, or names a thing by its size, has that unit. */
  const OF_UNITS =
    /^(kitchen\.(fFeet|cMeters|cup)|labels\.(9968|635|42In|round|gift)|requests\.|parser\.|plan\.aLevelUs|kitchen\.amountLike|balance\.7Cups)/;

  test('stand in every text in pairs, but where a unit is explained', () => {
    for (const texts of [EN_US, EN_GB])
      for (const [id, text] of Object.entries(texts)) {
        const outside = text.replace(/\[[^[\]|]+\|[^[\]|]+\]/g, '');
        if (!OF_UNITS.test(id))
          expect([id, /\d ?(in|ft|m)\b|(\d|\}\}) ?(°[CF]|mm|cm)\b/.exec(outside)?.[0]]).toEqual([
            id,
            undefined,
          ]);
      }
  });
});
