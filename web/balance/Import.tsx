import { say } from '@idle-kettle/words';
import { FileUp } from 'lucide-react';

/** Brings in a recipe from a file. */
export const Import = ({ onBringIn }: { readonly onBringIn: (text: string) => void }) => (
  <label className="btn btn-sm w-fit">
    <FileUp aria-hidden className="size-4" /> {say('balance.importARecipe')}
    <input
      type="file"
      accept=".json,.jsonld,.txt,.csv,application/ld+json,application/json,text/plain,text/csv"
      className="sr-only"
      onChange={({ target }) => {
        void target.files?.[0]?.text().then(onBringIn);
        target.value = '';
      }}
    />
  </label>
);
