import { say } from '@idle-kettle/words';
import type { Batch } from '@idle-kettle/contract';
import { format } from 'date-fns';
import type { Saver } from './saver.ts';
import type { Content } from './saverState.ts';
import { formulaDiff } from './formulaDiff.ts';

type Props = {
  readonly mine: Content;
  readonly theirs: Batch;
  readonly saver: Saver;
};

/**
 * What is written here and what somebody else saved meanwhile, line by line, until it is said which
 * is to stand.
 */
export const Conflict = ({ mine, theirs, saver }: Props) => (
  <section
    role="alert"
    aria-label={say('balance.changedOnAnotherDevice')}
    className="rounded-box border-2 border-secondary bg-base-100 p-3"
  >
    <h2 className="font-bold text-secondary">{say('balance.thisBatchWasChangedOn')}</h2>
    <p className="text-sm">
      {say('balance.savedThereAtNothingIs', {
        format: format(new Date(theirs.updatedAt), 'HH:mm:ss'),
      })}
    </p>
    <table className="my-2 w-full table-fixed text-sm">
      <thead>
        <tr className="text-left">
          <th scope="col">{say('balance.thisDevice')}</th>
          <th scope={say('balance.theOtherOne')}>Theirs</th>
        </tr>
      </thead>
      <tbody>
        {formulaDiff(mine, theirs).map(({ mine: a, theirs: b, same }, index) => (
          <tr key={index} data-same={same} className="align-top data-[same=false]:font-bold">
            <Side text={a} same={same} />
            <Side text={b} same={same} />
          </tr>
        ))}
      </tbody>
    </table>
    <div className="flex flex-wrap gap-2">
      <button type="button" className="btn btn-sm btn-primary" onClick={saver.keepMine}>
        {say('balance.keepThisOne')}
      </button>
      <button type="button" className="btn btn-sm" onClick={saver.goBack}>
        {say('balance.useTheOtherOne')}
      </button>
      <button type="button" className="btn btn-sm" onClick={() => void saver.saveAsNew()}>
        {say('balance.saveThisOneAsA')}
      </button>
    </div>
  </section>
);

const Side = ({ text, same }: { readonly text: string | null; readonly same: boolean }) => (
  <td
    className={`border-l-4 py-0.5 pl-2 break-words ${same ? 'border-base-300' : 'border-secondary'}`}
  >
    {text ?? <span className="opacity-70">{say('balance.nothing')}</span>}
  </td>
);
