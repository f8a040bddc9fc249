import { say, textOf } from '@idle-kettle/words';
import type { Trouble } from '@idle-kettle/core/troubleshooting';

/** Causes that have at least this share are told at once; the others are folded. */
const TOLD_AT_ONCE = 3;

/** That it goes, and why, before anything else; nothing where it need not. */
export const Discard = ({ why }: Pick<Trouble, 'why'>) =>
  why === null ? null : (
    <div role="alert" className="mb-4 border-l-8 border-error bg-base-100 p-4">
      <p className="text-2xl font-bold text-error">{say('trouble.discard')}</p>
      <p>{say(`trouble.why.${why}`)}</p>
      <p className="text-sm opacity-80">{say('trouble.defer')}</p>
    </div>
  );

/** What it was, what to do now, and what next time; only the bin where it is not safe. */
export function Answer({ trouble }: { readonly trouble: Trouble }) {
  const { causes, discard, now } = trouble;
  return (
    <>
      <section aria-label={say('trouble.likely')}>
        <h2 className="text-xl font-bold text-primary">{say('trouble.likely')}</h2>
        <Causes causes={causes.slice(0, TOLD_AT_ONCE)} />
        {causes.length > TOLD_AT_ONCE && (
          <details>
            <summary className="cursor-pointer py-2 font-bold">
              {say('trouble.lessLikely', { count: causes.length - TOLD_AT_ONCE })}
            </summary>
            <Causes causes={causes.slice(TOLD_AT_ONCE)} />
          </details>
        )}
      </section>
      {!discard && (
        <section aria-label={say('trouble.now')}>
          <h2 className="text-xl font-bold text-primary">{say('trouble.now')}</h2>
          <ul className="list-disc pl-5">
            {now.map((way) => (
              <li key={way}>{say(`trouble.way.${way}`)}</li>
            ))}
          </ul>
          <p className="mt-1 text-sm opacity-80">{say('trouble.defer')}</p>
        </section>
      )}
    </>
  );
}

const Causes = ({ causes }: Pick<Trouble, 'causes'>) => (
  <ol>
    {causes.map(({ code, share, evidence, remedy }) => (
      <li key={code} data-cause={code} className="border-b border-base-300 py-2">
        <div className="flex items-baseline gap-3">
          <h3 className="grow text-lg font-bold">{say(`trouble.cause.${code}`)}</h3>
          <p className="font-bold tabular-nums">
            {say('trouble.share', { pct: Math.round(100 * share) })}
          </p>
        </div>
        <div aria-hidden className="my-1 h-2 rounded-full bg-base-300">
          <div
            className="h-full rounded-full bg-secondary"
            style={{ width: `${(100 * share).toFixed(0)}%` }}
          />
        </div>
        <p>{textOf(evidence)}</p>
        <p className="text-sm">
          <b>{say('trouble.nextTime')}:</b> {textOf(remedy)}
        </p>
      </li>
    ))}
  </ol>
);
