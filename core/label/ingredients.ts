import { findIngredient } from '../ingredients/index.ts';
import { roleOf } from '../process/index.ts';
import { fromMemory } from '../quantity/index.ts';

/** A line of a formula, as a label counts it. */
export type LabelLine = {
  /** Id of the table’s row; absent for what was not understood. */
  readonly ingredient?: string;
  readonly name?: string;
  /** What the cook calls it, where that is not the table’s name: `pecans`. */
  readonly called?: string;
  readonly massG?: number;
};

/** What a label says of its ingredients. */
export type LabelIngredients = {
  /** By falling weight as they went in; water that boils off is none of them. */
  readonly ingredients: readonly string[];
  /** What has to be told apart for those whom it makes ill. */
  readonly allergens: readonly string[];
  /**
   * What is not known to be in it, and may be: bottled juices and wines hold sulphite, dried fruit
   * often.
   */
  readonly mayHold: readonly string[];
};

/** Falling order by weight, and the substances to be told: from memory of the law. */
export const INGREDIENTS_SOURCE = fromMemory(
  'Regulation (EU) 1169/2011, Art. 18 and Annex II; 21 CFR 101.4; US Food Allergen Labeling Act of 2004',
);

const PEANUTS = /peanut/;
const SESAME = /sesame/;

/** Allergens of a line: by the table’s row, and by what the cook calls it. */
function allergensIn({
  ingredient: id = '',
  called = '',
  name = '',
}: LabelLine): readonly string[] {
  const row = findIngredient(id);
  const words = `${called} ${name}`.toLowerCase();
  const role = row === null ? null : roleOf(row);
  const found: string[] = [];
  if (role === 'egg' || id.startsWith('egg')) found.push('egg');
  if (role === 'butter' || MILK.has(id)) found.push('milk');
  if (id === 'chocolate') found.push('milk and soya, in most chocolate');
  if (PEANUTS.test(words)) found.push('peanuts');
  else if (role === 'nut') found.push('nuts');
  if (id === 'flour') found.push('wheat');
  if (id === 'malt-vinegar') found.push('barley');
  if (role === 'wine') found.push('sulphite, in most wine');
  if (SESAME.test(words)) found.push('sesame');
  return found;
}

const MILK: ReadonlySet<string> = new Set(['butter', 'cream', 'milk', 'condensed-milk']);

/** What often holds sulphite without saying so in a kitchen. */
const OFTEN_SULPHITED =
  /^dried |bottled (lemon|lime) juice|raisin|sultana|candied|cider vinegar|wine vinegar/;

/** The ingredients of a batch as its label lists them, and what makes some people ill. */
export function labelIngredients(lines: readonly LabelLine[]): LabelIngredients {
  const counted = lines.filter(
    ({ ingredient, massG = 0 }) => ingredient !== undefined && ingredient !== 'water' && massG > 0,
  );
  const grams = new Map<string, number>();
  for (const { called, name = '', massG = 0 } of counted) {
    const as = called ?? name;
    grams.set(as, (grams.get(as) ?? 0) + massG);
  }
  const ingredients = [...grams].sort((a, b) => b[1] - a[1]).map(([name]) => name);
  const allergens = new Set(counted.flatMap(allergensIn));
  return {
    ingredients,
    allergens: [...allergens],
    mayHold:
      ingredients.some((name) => OFTEN_SULPHITED.test(name.toLowerCase())) &&
      ![...allergens].some((name) => name.startsWith('sulphite'))
        ? ['sulphite']
        : [],
  };
}
