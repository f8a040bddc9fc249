import { say } from '@idle-kettle/words';
import type { MadeFrom, Recipe, VersionCook } from '@idle-kettle/contract';
import { versionChanges, type VersionChange } from '@idle-kettle/core/book';
import { formatMass, listed, type UnitSystem } from '@idle-kettle/core';
import { dequal } from 'dequal';
import { useVersionCooks } from '../api/book.ts';
import { useKitchen } from '../api/kitchen.ts';
import { useRecipe } from '../api/recipes.ts';
import { SET_IN_A_WORD } from '../words/sets.ts';

/** What changed from version to version of a recipe, in words, and what it did. */
export function VersionEffects({ madeFrom }: { readonly madeFrom: MadeFrom }) {
  const recipe = useRecipe(madeFrom.recipeId);
  const cooks = useVersionCooks(madeFrom.recipeId);
  const units = useKitchen().data?.units ?? 'us';
  if (!recipe.data || !cooks.data || recipe.data.versions.length < 2) return null;
  return (
    <section aria-label={say('book.versions')} className="mt-1">
      <ol reversed className="flex flex-col gap-1">
        {recipe.data.versions.map((version, index, all) => (
          <li
            key={version.number}
            className={version.number === madeFrom.number ? 'font-bold' : ''}
          >
            {say('book.versionOf', { number: version.number })}
            {': '}
            {effectInWords(version, all[index + 1] ?? null, cooks.data, units)}
          </li>
        ))}
      </ol>
    </section>
  );
}

type Version = Recipe['versions'][number];

/** `100 g less sugar; set soft; taste 4 of 5; “won at the fair”`. */
function effectInWords(
  version: Version,
  before: Version | null,
  cooks: readonly VersionCook[],
  units: UnitSystem,
): string {
  const own = cooks.filter(({ number }) => number === version.number);
  const sets = [
    ...new Set(own.flatMap(({ set }) => (set === null ? [] : [say(SET_IN_A_WORD[set])]))),
  ];
  const tastes = own.flatMap(({ taste }) => (taste === null ? [] : [taste]));
  const best = tastes.length === 0 ? null : Math.max(...tastes);
  return [
    before === null ? say('book.versionFirst') : changedInWords(before, version, units),
    own.length === 0 ? say('book.versionNoCooks') : '',
    sets.length === 0 ? '' : say('book.versionSets', { sets: listed(sets) }),
    best === null ? '' : say('book.versionTaste', { value: best }),
    version.note === '' ? '' : `“${version.note}”`,
  ]
    .filter((part) => part !== '')
    .join('; ');
}

const changedInWords = (before: Version, after: Version, units: UnitSystem): string =>
  listed([
    ...versionChanges(before.lines, after.lines).map((change) => changeInWords(change, units)),
    ...(dequal(before.settings, after.settings) ? [] : [say('book.otherSettings')]),
  ]);

/** One change in words: `100 g less sugar`. */
export function changeInWords(change: VersionChange, units: UnitSystem): string {
  switch (change.kind) {
    case 'came':
      return say('book.lineCame', { line: change.line });
    case 'gone':
      return say('book.lineGone', { line: change.line });
    case 'more':
    case 'less': {
      const { kind, name, massG } = change;
      return say(kind === 'more' ? 'book.lineMore' : 'book.lineLess', {
        mass: formatMass(massG, units),
        name,
      });
    }
  }
}
