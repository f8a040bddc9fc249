import { inWords, say } from '@idle-kettle/words';
import { Say } from '../ui/Say.tsx';
import { toPlanCsv, toPlanText, toRecipeJsonLd } from '@idle-kettle/core';
import { Download } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { useRecipes, useSaveRecipe } from '../api/recipes.ts';
import { sayError } from '../api/request.ts';
import { download, fileNameOf } from '../ui/download.ts';
import { lineInText, runSheetOf } from '../words/runSheet.ts';
import { Import } from './Import.tsx';
import type { WorkbenchProps } from './workbenchProps.ts';

/** Keeps the formula as a recipe or a version of one; takes it out as a file, or brings one in. */
export function Export({ name, formula, kitchen, plan, onBringIn }: WorkbenchProps) {
  const recipes = useRecipes();
  const keep = useSaveRecipe();
  const [onto, setOnto] = useState('');
  const [note, setNote] = useState('');
  const file = fileNameOf(name);
  const method = runSheetOf(plan).map(lineInText);
  const written = { ...formula, measures: kitchen.measures };
  return (
    <div className="grid gap-6 md:grid-cols-2">
      {/* Lines that go with somebody’s jars are no recipe. */}
      {formula.settings.remake == null && (
        <form
          className="flex flex-col gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            const recipe = { name, lines: [...formula.lines], settings: formula.settings, note };
            keep.mutate(
              { id: onto === '' ? null : onto, recipe },
              { onSuccess: () => setNote('') },
            );
          }}
        >
          <h3 className="font-bold text-primary">{say('balance.saveAsARecipe')}</h3>
          <label className="flex flex-col text-sm">
            {say('balance.saveAs')}
            <select
              className="select select-sm max-w-sm"
              value={onto}
              onChange={({ target }) => setOnto(target.value)}
            >
              <option value="">{say('balance.aNewRecipe')}</option>
              {(recipes.data ?? []).map((recipe) => (
                <option key={recipe.id} value={recipe.id}>
                  {say('balance.versionOf', {
                    value: (recipe.versions[0]?.number ?? 0) + 1,
                    name: recipe.name,
                  })}
                </option>
              ))}
            </select>
          </label>
          <label className="flex flex-col text-sm">
            {say('balance.whatChangedInThisVersion')}
            <input
              className="input input-sm max-w-sm"
              value={note}
              maxLength={2000}
              onChange={({ target }) => setNote(target.value)}
            />
          </label>
          <div className="flex flex-wrap items-center gap-3">
            <button type="submit" className="btn btn-primary" disabled={keep.isPending}>
              {say('balance.saveRecipe')}
            </button>
            <p role="status">
              {keep.data && !keep.isPending && (
                <>
                  <Say
                    id="balance.savedAsVersionOf"
                    values={{
                      number: keep.data.versions[0]?.number,
                      part: (
                        <Link className="link" to="/recipes">
                          {keep.data.name}
                        </Link>
                      ),
                    }}
                  />
                </>
              )}
            </p>
          </div>
          {keep.error && (
            <p role="alert" className="text-error">
              {say('balance.notSaved', { sayError: sayError(keep.error) })}
            </p>
          )}
        </form>
      )}
      <div className="flex flex-col gap-3">
        <h3 className="font-bold text-primary">{say('balance.download')}</h3>
        <div className="flex flex-wrap gap-2">
          <FileButton
            text={say('balance.recipeJsonLd')}
            onClick={() =>
              download(
                `${file}.json`,
                'application/ld+json',
                JSON.stringify(toRecipeJsonLd(name, inWords(plan), method, written), null, 2),
              )
            }
          />
          <FileButton
            text={say('balance.plainText')}
            onClick={() =>
              download(`${file}.txt`, 'text/plain', toPlanText(name, inWords(plan), method))
            }
          />
          <FileButton
            text={say('balance.spreadsheetCsv')}
            onClick={() =>
              download(`${file}.csv`, 'text/csv', toPlanCsv(inWords(plan), name, written))
            }
          />
        </div>
        <Import onBringIn={onBringIn} />
        <p className="text-sm opacity-80">{say('balance.itsLinesAreAddedTo')}</p>
      </div>
    </div>
  );
}

const FileButton = ({ text, onClick }: { text: string; onClick: () => void }) => (
  <button type="button" className="btn btn-sm" onClick={onClick}>
    <Download aria-hidden className="size-4" /> {text}
  </button>
);
