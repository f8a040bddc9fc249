import { findIngredient, inState, ripened, type Form, type FruitState } from '../larder/index.ts';
import { convert, exactly, range, type Range } from '../quantity/index.ts';
import { impossible, MOST_LINE_CHARS, MOST_LINE_G, puzzling, type LineReading } from './line.ts';
import { measure, type Measured } from './measure.ts';
import { nameOf, type Named } from './naming.ts';
import { readPhrase } from './phrases.ts';
import { tidied } from './tidy.ts';

const ML_PER_CUP = convert(1, 'cup', 'mL');

/** A piece of that size over an ordinary one; common practice (3 lb of apples: 5 very large or 10 medium). */
const FRUIT_SIZES: Readonly<Record<string, number>> = {
  'very small': 0.5,
  small: 0.7,
  medium: 0.85,
  large: 1.25,
  'very large': 1.6,
};
/** An egg of that size over a large one, which recipes mean; common practice. */
const EGG_SIZES: Readonly<Record<string, number>> = {
  small: 0.76,
  medium: 0.88,
  large: 1,
  'very large': 1.12,
};

/** Fruit that loses this little in preparing is the same weight before and after. */
const HARDLY_ANY_WASTE = 0.97;

const timesRange = (factor: number, r: Range): Range => ({
  low: factor * r.low,
  typical: factor * r.typical,
  high: factor * r.high,
});

/** What a pack in the kitchen says of itself, in place of the usual. */
export type OwnPack = {
  /** Id of the ingredient: `powdered-pectin`. */
  readonly ingredient: string;
  readonly packG: number;
  /** Pectin in the pack, g: 150-grade where it gels with sugar. */
  readonly pectinG: number;
};

/** The checks that hold for every mass, however it was given. */
function impossibleMass(text: string, massG: number): LineReading | null {
  if (!(massG > 0)) return impossible(text, 'amount', 'The amount must be more than zero.');
  if (massG > MOST_LINE_G) {
    return impossible(
      text,
      'amount',
      `That is ${Math.round(massG / 1000).toLocaleString('en-US')} kg. One line may hold at most ${MOST_LINE_G / 1000} kg.`,
    );
  }
  return null;
}

/**
 * Reads one line of a recipe as written, such as `7 cups crushed damsons` or `5 lb 8 oz apples`.
 * Never throws and never guesses silently: a line that is not understood comes back with its text
 * and the reason, and whatever was taken for granted is said in `assumed`.
 */
export function readLine(written: string, packs: readonly OwnPack[] = []): LineReading {
  const text = written.trim();
  if (text.length > MOST_LINE_CHARS) {
    return impossible(
      `${text.slice(0, 60)}…`,
      'text',
      `A line may have at most ${MOST_LINE_CHARS} characters; this one has ${text.length}.`,
    );
  }
  const { text: line, heaping } = tidied(text);
  if (/^[-+]?(nan|inf(inity)?)\b/i.test(line)) {
    return impossible(text, 'amount', 'The amount must be a number.');
  }
  if (/^-\s*[\d.¼½¾⅓⅔⅛⅜⅝⅞]/.test(line)) {
    return impossible(text, 'amount', 'The amount must be more than zero.');
  }
  const phrase = readPhrase(text.replace(/^[-•*–]\s+/, ''));
  if (phrase) {
    const { ingredient, massG, assumed } = phrase;
    return accepted(
      text,
      { ingredient, form: null, ripeness: null, weighed: null },
      massG,
      assumed,
    );
  }
  const measured = measure(line);
  if ('about' in measured) return puzzling(text, measured.about, measured.message);
  if (!(measured.si > 0)) return impossible(text, 'amount', 'The amount must be more than zero.');
  const named = withOwnPack(nameOf(measured.rest), packs);
  if (!named) {
    const tooMuch = measured.kind === 'mass' ? impossibleMass(text, measured.si * 1000) : null;
    return (
      tooMuch ??
      puzzling(
        text,
        'ingredient',
        measured.rest === ''
          ? 'Which ingredient? Name it after the amount.'
          : `“${measured.rest}” is not in the larder yet.${suggestion(measured.rest)}`,
      )
    );
  }
  const { low, high } = measured.spread;
  const each = massesOf({ ...measured, si: measured.si * heaping }, named);
  if ('trouble' in each) return puzzling(text, 'unit', each.trouble);
  const massG = range(each.massG.low * low, each.massG.typical, each.massG.high * high);
  return accepted(text, named, massG, each.assumed);
}

/** What to write instead, where the last words alone are known: never taken for it, since a custard apple is no apple. */
function suggestion(name: string): string {
  const words = name.split(' ');
  const known = words.slice(1).map((_, index) => words.slice(index + 1).join(' '));
  const like = known.find((rest) => nameOf(rest) !== null);
  return like === undefined ? '' : ` If it is a kind of ${like}, write “${like}”.`;
}

/** The ingredient with the pack's own figures in place of the usual ones. */
function withOwnPack(named: Named | null, packs: readonly OwnPack[]): Named | null {
  const own = packs.find(({ ingredient }) => ingredient === named?.ingredient.id);
  if (!own || !named || named.ingredient.kind === 'fruit') return named;
  const { ingredient } = named;
  return {
    ...named,
    ingredient: {
      ...ingredient,
      pectinPct: exactly((100 * own.pectinG) / own.packG),
      packs: Object.fromEntries(
        Object.keys(ingredient.packs ?? {}).map((word) => [word, own.packG]),
      ),
    },
  };
}

function accepted(text: string, named: Named, massG: Range, assumed: string): LineReading {
  const { ingredient, ripeness } = named;
  return (
    impossibleMass(text, massG.high) ?? {
      understood: true,
      text,
      ingredient,
      form: named.form ?? ingredient.usualForm,
      massG,
      ...(ripeness === null ? {} : { ripeness }),
      ...(assumed === '' ? {} : { assumed }),
    }
  );
}

type Masses = { readonly massG: Range; readonly assumed: string } | { readonly trouble: string };

/** Grams of the prepared ingredient that an amount stands for. */
function massesOf(measured: Measured, named: Named): Masses {
  switch (measured.kind) {
    case 'mass':
      return weighed(measured.si * 1000, named);
    case 'volume':
      return byTheCup(measured.si, named);
    case 'pieces':
      return byThePiece(measured, named);
    case 'packs': {
      const { ingredient } = named;
      const packG = ingredient.kind === 'fruit' ? undefined : ingredient.packs?.[measured.word];
      if (packG === undefined) return { trouble: `How much is in one ${measured.word}?` };
      return {
        massG: exactly(measured.si * packG),
        assumed: `Taken as ${packG} g a ${measured.word}; read yours.`,
      };
    }
    case 'bushels':
      return byTheBushel(measured.si, named);
  }
}

function weighed(massG: number, { ingredient, weighed: when }: Named): Masses {
  const { edibleShare } = ingredient;
  if (when !== 'as bought' || edibleShare > HARDLY_ANY_WASTE) {
    return { massG: exactly(massG), assumed: '' };
  }
  return {
    massG: asBought(exactly(massG), edibleShare),
    assumed: `Weighed before preparing: about ${percent(edibleShare)} of it is left.`,
  };
}

/** What is left of fruit as bought; how much waste it has differs by a tenth of the waste. */
function asBought({ low, typical, high }: Range, edibleShare: number): Range {
  const waste = (1 - edibleShare) * 0.1;
  return range(low * (edibleShare - waste), typical * edibleShare, high * (edibleShare + waste));
}

const percent = (share: number): string => `${Math.round(100 * share)} %`;

function byTheCup(volumeM3: number, { ingredient, form: written }: Named): Masses {
  const form = written ?? ingredient.usualForm;
  const cup = ingredient.cups[form];
  if (!cup) {
    return {
      trouble: `We have no cup weight for ${form} ${ingredient.name}. Give its weight instead.`,
    };
  }
  return {
    massG: timesRange((volumeM3 * 1e6) / ML_PER_CUP, cup),
    assumed:
      written === null && Object.keys(ingredient.cups).length > 1
        ? `Taken as ${form}; ${Math.round(cup.typical)} g a cup.`
        : '',
  };
}

/** Whole pieces as bought: what is left of them after stoning, coring or peeling. */
function byThePiece({ si: count, word }: Measured, { ingredient }: Named): Masses {
  const { pieceG, edibleShare } = ingredient;
  if (!pieceG) {
    return { trouble: `We do not know what one ${ingredient.name} weighs. Give a weight.` };
  }
  const sizes = ingredient.make.insolublesAre === 'egg' ? EGG_SIZES : FRUIT_SIZES;
  const size = sizes[word] ?? 1;
  const left = edibleShare < 1 ? `, ${percent(edibleShare)} of it left after preparing` : '';
  const eachG = size * pieceG.typical;
  return {
    massG: timesRange(count * size * edibleShare, pieceG),
    assumed: `Taken as ${eachG < 10 ? Number(eachG.toPrecision(2)) : Math.round(eachG)} g each${left}.`,
  };
}

/** Bushels weigh within a tenth of one another. */
function byTheBushel(count: number, { ingredient, weighed: when }: Named): Masses {
  const bushelKg = ingredient.kind === 'fruit' ? ingredient.bushelKg : undefined;
  if (bushelKg === undefined) {
    return { trouble: `We do not know what a bushel of ${ingredient.name} weighs. Give a weight.` };
  }
  const boughtG = 1000 * bushelKg * count;
  const bought = range(0.9 * boughtG, boughtG, 1.1 * boughtG);
  const { edibleShare } = ingredient;
  return {
    massG: when === 'prepared' ? bought : asBought(bought, edibleShare),
    assumed: `Taken as ${Math.round(bushelKg)} kg a bushel as bought, ${percent(edibleShare)} of it left after preparing.`,
  };
}

/** A line given as data instead of words. */
export type WeighedLine = {
  readonly ingredient: string;
  readonly massG: number;
  readonly form?: Form | undefined;
  readonly state?: FruitState | undefined;
  /** 0 (green) to 1 (over-ripe); 0.5 is ordinary. */
  readonly ripeness?: number | undefined;
};

/** Reads a weighed line by the same rules as a written one. */
export function readWeighedLine(line: WeighedLine): LineReading {
  const { ingredient: name, massG, form, state, ripeness } = line;
  const text = [`${massG} g`, state, form, name].filter((word) => word !== undefined).join(' ');
  if (!Number.isFinite(massG)) return impossible(text, 'amount', 'The amount must be a number.');
  const refused = impossibleMass(text, massG);
  if (refused) return refused;
  const row = findIngredient(name);
  if (!row) return puzzling(text, 'ingredient', `“${name}” is not in the larder yet.`);
  if (row.kind !== 'fruit') {
    return accepted(text, { ingredient: row, form: form ?? null, ...PLAIN }, exactly(massG), '');
  }
  const fruit = inState(row, state ?? 'fresh');
  const ingredient = ripeness === undefined ? fruit : ripened(fruit, ripeness);
  return accepted(
    text,
    { ingredient, form: form ?? null, ...PLAIN, ripeness: ripeness ?? null },
    exactly(massG),
    '',
  );
}

const PLAIN = { ripeness: null, weighed: null } as const;
