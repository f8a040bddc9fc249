import { say } from '@idle-kettle/words';
import { readLine, readRecipeBox, type BoxedRecipe } from '@idle-kettle/core';
import { BookCheck } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { useSaveRecipe } from '../api/recipes.ts';
import { sayError } from '../api/request.ts';

/** A recipe that was read, as it is looked over before it is kept. */
type Looked = BoxedRecipe & { readonly isIn: boolean };

const MOST_TITLE = 120;
const MOST_CHARS = 100_000;

/** Old recipes by the boxful: typed or pasted, looked over, and kept. */
export function RecipeBox() {
  const [text, setText] = useState('');
  const [found, setFound] = useState<readonly Looked[] | null>(null);
  const [kept, setKept] = useState(0);
  const [trouble, setTrouble] = useState<string | null>(null);
  const save = useSaveRecipe();
  const chosen = (found ?? []).filter(({ isIn }) => isIn);
  const change = (index: number, of: Partial<Looked>) =>
    setFound((all) => all?.map((one, i) => (i === index ? { ...one, ...of } : one)) ?? null);
  const keep = async () => {
    setTrouble(null);
    let count = 0;
    const left = [...(found ?? [])];
    for (const [index, recipe] of (found ?? []).entries()) {
      if (!recipe.isIn) continue;
      try {
        await save.mutateAsync({
          id: null,
          recipe: { name: recipe.name, lines: [...recipe.lines], note: recipe.note.slice(0, 2000) },
        });
        count += 1;
        left.splice(left.indexOf(recipe), 1);
      } catch (error) {
        setTrouble(say('book.notKeptYet', { number: index + 1, why: sayError(error as Error) }));
        break;
      }
    }
    // What is kept goes; what is not stays to be mended.
    setKept((before) => before + count);
    setFound(left.some(({ isIn }) => isIn) ? left : null);
    if (!left.some(({ isIn }) => isIn)) setText('');
  };
  return (
    <section aria-label={say('book.recipeBox')}>
      <h2 className="text-xl font-bold text-primary">{say('book.recipeBox')}</h2>
      <p className="mb-2 max-w-prose">{say('book.recipeBoxWhy')}</p>
      <textarea
        aria-label={say('book.recipeBoxText')}
        className="textarea w-full rounded-field border border-base-300 bg-base-100 p-2"
        rows={8}
        maxLength={MOST_CHARS}
        value={text}
        onChange={({ target }) => setText(target.value)}
      />
      <button
        type="button"
        className="btn btn-primary mt-2"
        disabled={text.trim() === ''}
        onClick={() => {
          setKept(0);
          setTrouble(null);
          setFound(
            readRecipeBox(text).map((one) => ({
              ...one,
              name: one.name.slice(0, MOST_TITLE),
              isIn: true,
            })),
          );
        }}
      >
        <BookCheck aria-hidden className="size-5" /> {say('book.lookOver')}
      </button>
      {kept > 0 && (
        <p role="status" className="mt-2">
          {say('book.kept', { count: kept })}{' '}
          <Link to="/recipes" className="link">
            {say('book.toRecipes')}
          </Link>
        </p>
      )}
      {found !== null && (
        <div className="mt-3">
          <p role="status">
            {found.length === 0
              ? say('book.noRecipeFound')
              : say('book.foundRecipes', { count: found.length })}
          </p>
          <ol className="mt-2 grid gap-3 md:grid-cols-2 xl:grid-cols-3">
            {found.map((recipe, index) => (
              <Look
                key={index}
                recipe={recipe}
                number={index + 1}
                onChange={(of) => change(index, of)}
              />
            ))}
          </ol>
          {trouble !== null && (
            <p role="alert" className="mt-2 border-l-4 border-error pl-3 text-error">
              {trouble}
            </p>
          )}
          {chosen.length > 0 && (
            <button
              type="button"
              className="btn btn-primary mt-3"
              disabled={save.isPending}
              onClick={() => void keep()}
            >
              {say('book.keepAll', { count: chosen.length })}
            </button>
          )}
        </div>
      )}
    </section>
  );
}

type LookProps = {
  readonly recipe: Looked;
  readonly number: number;
  readonly onChange: (of: Partial<Looked>) => void;
};

/** One recipe as it was read; what was not understood is named, and everything can be mended. */
function Look({ recipe: { name, lines, note, isIn }, number, onChange }: LookProps) {
  const strange = lines.filter((line) => !readLine(line).understood);
  return (
    <li className={`jar-label flex flex-col gap-2 py-3 pr-5 pl-4 ${isIn ? '' : 'opacity-60'}`}>
      <label className="flex items-center gap-2">
        <input
          type="checkbox"
          className="checkbox"
          checked={isIn}
          onChange={({ target }) => onChange({ isIn: target.checked })}
        />
        {say('book.takeIn')}
      </label>
      <input
        aria-label={say('book.title', { number })}
        aria-invalid={name.trim() === ''}
        className="input w-full font-bold"
        maxLength={MOST_TITLE}
        value={name}
        onChange={({ target }) => onChange({ name: target.value })}
      />
      <textarea
        aria-label={say('book.linesOf', { name })}
        className="textarea w-full rounded-field border border-base-300 bg-base-100 p-2"
        rows={Math.max(3, lines.length)}
        value={lines.join('\n')}
        onChange={({ target }) => onChange({ lines: target.value.split('\n') })}
      />
      {strange.length > 0 && (
        <ul className="text-sm text-error">
          {strange
            .filter((line) => line.trim() !== '')
            .map((line) => (
              <li key={line}>{say('book.notUnderstood', { line })}</li>
            ))}
        </ul>
      )}
      {note !== '' && <p className="text-sm whitespace-pre-line opacity-80">{note}</p>}
    </li>
  );
}
