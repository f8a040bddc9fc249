import { type Product, PRODUCTS } from '../method/index.ts';
import { convert } from '../quantity/index.ts';
import {
  headspaceMm,
  HIGHEST_TABLED_FT,
  MOST_STEAM_MIN,
  PROCESS_TABLE_SOURCE,
  processTime,
  type JarPreparation,
  steriliseMinutes,
} from './processing.ts';

/** Where minutes change with the altitude, in one way of readying jars or the other, ft. */
const BANDS_FT = [1000, 3000, 6000, 8000, HIGHEST_TABLED_FT] as const;

const JARS = [
  ['half-pint', 237],
  ['pint', 473],
  ['quart', 946],
] as const;

/** Products with a table of their own; the others go with jam. */
const TABLED: readonly (readonly [name: string, product: Product, ofApples?: boolean])[] = [
  ['jam, jelly, marmalade, conserve, infusion jelly', 'jam'],
  [PRODUCTS['pepper-jelly'].name, 'pepper-jelly'],
  ['fruit butter', 'butter'],
  ['apple butter', 'butter', true],
  ['jellied sauce, and what does not mound', 'sauce'],
  ['curd', 'curd'],
];

/** The page of the minutes in the canner, as it stands in the documents. */
export const processPage = (): string => `# Minutes in the canner

Made by \`./kettle process-table\` from the table that plans go by (\`core/process/processing.ts\`); a test holds the two together.
${PROCESS_TABLE_SOURCE.source}. Where your local extension service or food authority says otherwise, do as it says.

Minutes count from the full rolling boil, jars covered by 1 to 2 in of water, or from the mark on a steam canner’s gauge. Steam takes the same
minutes, and none beyond ${MOST_STEAM_MIN}: no more can be held. Above ${grouped(HIGHEST_TABLED_FT)} ft (3,048 m) nothing is tabled, and nothing is for the pantry. A dash
is a jar that no time is published for.

${page('ten-minute', 'Jars clean and hot')}

${page('sterilised', 'Jars boiled sterile first')}

Empty jars are boiled ${steriliseMinutes(0)} minutes, and one more for each 1,000 ft. \\* What has ten minutes or more at sea level
needs no sterile jars: clean and hot will do.
Headspace is ¼ in, of a curd ½ in (${headspaceMm('jam')} and ${headspaceMm('curd')} mm).
`;

function page(school: JarPreparation, title: string): string {
  const head = `| ${title} | jar | ${BANDS_FT.map((ft, i) => `${i === 0 ? 'to' : `${grouped((BANDS_FT[i - 1] ?? 0) + 1)} to`} ${grouped(ft)} ft`).join(' | ')} |`;
  const rows = TABLED.flatMap(([name, product, ofApples = false]) =>
    JARS.map(([jar, jarMl]) => {
      const cells = BANDS_FT.map((ft) => {
        const time = processTime({
          product,
          altitudeM: convert(ft, 'ft', 'm'),
          jarMl,
          school,
          canner: 'boiling-water',
          ofApples,
        });
        if (time === null) return '—';
        return `${time.minutes}${school === 'sterilised' && !time.presterilise ? '\\*' : ''}`;
      });
      return `| ${name} | ${jar} | ${cells.join(' | ')} |`;
    }),
  );
  return [head, `| --- | --- |${BANDS_FT.map(() => ' --: |').join('')}`, ...rows].join('\n');
}

let grouping: Intl.NumberFormat | undefined;
const grouped = (ft: number): string => (grouping ??= new Intl.NumberFormat('en-US')).format(ft);
