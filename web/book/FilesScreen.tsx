import { say, textOf } from '@idle-kettle/words';
import { ArrowLeft, Download, Upload } from 'lucide-react';
import { useId } from 'react';
import { Link } from 'react-router';
import { useImportBook } from '../api/book.ts';
import { Refused, sayError } from '../api/request.ts';
import { useMay } from '../api/who.ts';
import { PageHeading } from '../ui/PageHeading.tsx';
import { RecipeBox } from './RecipeBox.tsx';

/** The Book as files: all of it out, all of it in, and old recipes by the boxful. */
export function FilesScreen() {
  const mayDo = useMay();
  return (
    <div className="flex flex-col gap-6">
      <div>
        <Link to="/book" className="link inline-flex items-center gap-1 text-sm">
          <ArrowLeft aria-hidden className="size-4" /> {say('book.toBook')}
        </Link>
        <PageHeading className="text-3xl font-bold text-primary">{say('book.files')}</PageHeading>
        <p className="mb-2">{say('book.exportWhy')}</p>
        <div className="flex flex-wrap gap-2">
          <a href="/api/book/export" download className="btn btn-primary">
            <Download aria-hidden className="size-5" /> {say('book.exportJson')}
          </a>
          <a href="/api/book/export.csv" download className="btn">
            <Download aria-hidden className="size-5" /> {say('book.exportCsv')}
          </a>
        </div>
      </div>
      {mayDo('kitchen') && <ImportBook />}
      {mayDo('cook') && <RecipeBox />}
    </div>
  );
}

/** Brings a Book in; a fault changes nothing, and each is named. */
function ImportBook() {
  const bring = useImportBook();
  const input = useId();
  const faults = bring.error instanceof Refused ? bring.error.problem.faults : [];
  return (
    <section aria-label={say('book.importBook')}>
      <h2 className="text-xl font-bold text-primary">{say('book.importBook')}</h2>
      <p className="mb-2 max-w-prose">{say('book.importWhy')}</p>
      <label
        htmlFor={input}
        className="btn focus-within:outline-3 focus-within:outline-secondary"
        aria-disabled={bring.isPending}
      >
        <Upload aria-hidden className="size-5" /> {say('book.chooseFile')}
        <input
          id={input}
          type="file"
          accept=".json,application/json,.csv,text/csv"
          disabled={bring.isPending}
          className="sr-only"
          onChange={({ target }) => {
            const [file] = target.files ?? [];
            if (file !== undefined) bring.mutate(file);
            target.value = '';
          }}
        />
      </label>
      {bring.isPending && (
        <p role="status" className="mt-2">
          {say('book.importing')}
        </p>
      )}
      {bring.data && (
        <p role="status" className="mt-2">
          {say('book.imported', bring.data)}
        </p>
      )}
      {bring.error && (
        <div role="alert" className="mt-2 border-l-4 border-error pl-3 text-error">
          {faults.length === 0 ? (
            sayError(bring.error)
          ) : (
            <>
              <p>{say('book.importFaults')}</p>
              <ul>
                {faults.map(({ field, message }) => (
                  <li key={field}>
                    {field === '' ? textOf(message) : say('book.fault', { field, message })}
                  </li>
                ))}
              </ul>
            </>
          )}
        </div>
      )}
    </section>
  );
}
