import { say } from '@idle-kettle/words';
import { Scale } from 'lucide-react';

type Props = { readonly busy: boolean; readonly onWorkOut: () => void };

/** For fruit alone: one press puts in what it needs to be a batch. */
export const SuggestFormula = ({ busy, onWorkOut }: Props) => (
  <section aria-label={say('balance.whatsMissing')} className="flex flex-col items-start gap-2">
    <p className="leading-snug font-bold">{say('balance.onlyFruitSoFar')}</p>
    <button type="button" className="btn btn-primary" disabled={busy} onClick={onWorkOut}>
      <Scale aria-hidden className="size-5" /> {say('balance.suggestAFormula')}
    </button>
  </section>
);
