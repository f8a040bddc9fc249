import type { Who } from '@idle-kettle/contract';
import { EN_US } from '@idle-kettle/words';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { renderToStaticMarkup } from 'react-dom/server';
import { MemoryRouter } from 'react-router';

/** What the server has answered already, by what was asked: `['kitchen']`. */
export type Answers = readonly (readonly [question: readonly unknown[], answer: unknown])[];

/** Who draws, unless a test says otherwise: whoever is at the machine itself. */
const AT_THE_MACHINE: Who = {
  door: 'loopback',
  household: { id: 'home', name: 'Hill House' },
  member: null,
  role: 'keeper',
  token: null,
  signUp: false,
  homeAddress: null,
};

/** The markup of something at its first drawing, with what the server has answered so far. */
export function html(what: React.ReactNode, answers: Answers = [], path = '/'): string {
  const queries = new QueryClient();
  queries.setQueryData(['who'], AT_THE_MACHINE);
  for (const [question, answer] of answers) queries.setQueryData(question, answer);
  const markup = renderToStaticMarkup(
    <QueryClientProvider client={queries}>
      <MemoryRouter initialEntries={[path]}>{what}</MemoryRouter>
    </QueryClientProvider>,
  );
  // It would keep what was answered for some minutes, and the test with it.
  queries.clear();
  return markup;
}

const ENTITIES: { readonly [name: string]: string } = {
  '&amp;': '&',
  '&lt;': '<',
  '&gt;': '>',
  '&quot;': '"',
  '&#x27;': '’',
};

const plainly = (text: string): string =>
  text.replace(/&(?:amp|lt|gt|quot|#x27);/g, (entity) => ENTITIES[entity] ?? entity);

/** The words that are read in a piece of markup, one space between them. */
export const wordsOf = (markup: string): string =>
  plainly(markup.replace(/<\/?(?:a|b|i|em|strong|mark)(?: [^>]*)?>/g, '').replace(/<[^>]+>/g, ' '))
    .replace(/[\s\u00a0]+/g, ' ')
    .trim();

/** The words that are read when something is drawn. */
export const drawn = (what: React.ReactNode, answers: Answers = [], path = '/'): string =>
  wordsOf(html(what, answers, path));

/** Rooms of the catalogue: an id that is read instead of its message begins with one. */
const ROOMS = [...new Set(Object.keys(EN_US).map((id) => id.split('.')[0]))].join('|');

/** What no cook should ever read, whatever is drawn. */
const NONSENSE: readonly RegExp[] = [
  new RegExp(`\\b(?:${ROOMS})\\.[a-z][A-Za-z0-9]+`),
  /\bNaN\b/,
  /\bundefined\b/,
  /\bnull\b/,
  /\bInfinity\b/,
  /\[object /,
  /=>/,
  /\btrue\b|\bfalse\b/,
  // A number that nobody rounded.
  /\d\.\d{4,}/,
  /(^|[^\d.,/–])1 (jars|minutes|lines|pints|half-pints|quarter-pints|cups|hours|pots|grams|lids|loads|fruits)\b/,
  / [,.;:](\s|$)/,
  /\.\.(?!\.)|,,|;;/,
  /-0 |−0 /,
];

/** What of a piece of markup is nonsense to read, or says nothing to those who do not see it. */
export function nonsenseIn(markup: string): string[] {
  const words = wordsOf(markup);
  const read = [
    words,
    ...[...markup.matchAll(/ (?:aria-label|title|alt|aria-valuetext|placeholder)="([^"]*)"/g)].map(
      (m) => plainly(m[1] ?? ''),
    ),
  ];
  const found = read.flatMap((text) =>
    NONSENSE.flatMap((wrong) => {
      const at = wrong.exec(text)?.index;
      return at === undefined
        ? []
        : [`${String(wrong)}: …${text.slice(Math.max(0, at - 40), at + 40)}…`];
    }),
  );
  const numbers = [
    ...markup.matchAll(
      / (?:d|x|y|x1|y1|cx|cy|r|width|height|points|transform|style|viewBox)="([^"]*)"/g,
    ),
  ];
  for (const [all, value = ''] of numbers)
    if (/NaN|Infinity|undefined/.test(value)) found.push(`cannot be drawn: ${all}`);
  for (const [all, attributes = '', inner = ''] of markup.matchAll(
    /<button([^>]*)>(.*?)<\/button>/g,
  ))
    if (wordsOf(inner) === '' && !/ (?:aria-label|title)="[^"]+"/.test(attributes))
      found.push(`a button without a name: ${all.slice(0, 120)}`);
  for (const [all, attributes = ''] of markup.matchAll(/<svg([^>]*)>/g))
    if (!/ aria-hidden="true"| aria-label="[^"]+"/.test(attributes))
      found.push(`a drawing that says nothing: ${all.slice(0, 120)}`);
  const ids = [...markup.matchAll(/ id="([^"]+)"/g)].map(([, id]) => id);
  for (const id of new Set(ids))
    if (ids.filter((one) => one === id).length > 1) found.push(`two of one id: ${id}`);
  return [...new Set(found)];
}
