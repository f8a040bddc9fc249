import { say } from '@idle-kettle/words';
import type { LineReading } from '@idle-kettle/core';
import { useTeachName } from '../api/kitchen.ts';
import { useMay } from '../api/who.ts';
import { sayError } from '../api/request.ts';

type Understood = Extract<LineReading, { readonly understood: true }>;

type Props = {
  readonly reading: Understood;
  readonly toConfirm: NonNullable<Understood['toConfirm']>;
  /** Which line it is, for those who do not see it. */
  readonly where: string;
  readonly onReplace: (lines: readonly string[]) => void;
};

/**
 * Confirms with a press what was guessed of a line: a kind is remembered by the kitchen, a spelling
 * is put right.
 */
export function Confirm({ reading, toConfirm, where, onReplace }: Props) {
  const teach = useTeachName();
  const mayTeach = useMay()('kitchen');
  const { id, name } = reading.ingredient;
  const confirm = () => {
    if (toConfirm.kind === 'spelling') onReplace([toConfirm.line]);
    else teach.mutate({ name: toConfirm.name, ingredient: id, line: reading.text.slice(0, 200) });
  };
  const what =
    toConfirm.kind === 'spelling'
      ? say('balance.writeItAs', { line: toConfirm.line })
      : say('balance.yesItIs', { name });
  // A kind is remembered by the kitchen, which is a keeper’s.
  if (toConfirm.kind !== 'spelling' && !mayTeach)
    return <span className="text-xs">{say('balance.aKeeperConfirms', { name })}</span>;
  return (
    <>
      <button
        type="button"
        aria-label={say('balance.confirmLine', { where, what })}
        disabled={teach.isPending}
        className="btn h-auto min-h-6 border-primary bg-base-100 px-2 py-0.5 text-left text-xs font-semibold whitespace-normal text-primary max-md:min-h-11"
        onClick={confirm}
      >
        {what}
      </button>
      {teach.error && (
        <p role="alert" className="text-error">
          {sayError(teach.error)}
        </p>
      )}
    </>
  );
}
