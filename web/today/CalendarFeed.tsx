import { say } from '@idle-kettle/words';
import { CalendarPlus, Copy } from 'lucide-react';
import { useState } from 'react';
import { sayError } from '../api/request.ts';
import { useEndFeed, useFeed, useRenewFeed } from '../api/season.ts';

/** The same list in one’s own calendar, behind an address that nobody guesses. */
export function CalendarFeed() {
  const feed = useFeed();
  const renew = useRenewFeed();
  const end = useEndFeed();
  const [copied, setCopied] = useState(false);
  const path = renew.data?.path ?? null;
  const address = path === null ? null : `${window.location.origin}${path}`;
  const trouble = renew.error ?? end.error;
  return (
    <details>
      <summary className="cursor-pointer py-1 font-bold">{say('today.inMyCalendar')}</summary>
      <p className="max-w-prose">{say('today.feedHow')}</p>
      {address !== null && (
        <p className="mt-1 flex flex-wrap items-center gap-2">
          <input
            readOnly
            aria-label={say('today.feedAddress')}
            className="input min-w-60 flex-1"
            value={address}
            onFocus={({ target }) => target.select()}
          />
          <button
            type="button"
            className="btn"
            onClick={() => {
              void navigator.clipboard?.writeText(address).then(() => setCopied(true));
            }}
          >
            <Copy aria-hidden className="size-4" /> {say('today.copy')}
          </button>
          <span role="status">{copied ? say('today.copied') : ''}</span>
        </p>
      )}
      <div className="mt-1 flex flex-wrap gap-2">
        <button
          type="button"
          className="btn"
          disabled={renew.isPending}
          onClick={() => {
            setCopied(false);
            renew.mutate();
          }}
        >
          <CalendarPlus aria-hidden className="size-5" />{' '}
          {say(feed.data?.hasFeed === true ? 'today.newAddress' : 'today.makeAddress')}
        </button>
        {feed.data?.hasFeed === true && (
          <button
            type="button"
            className="btn btn-ghost"
            disabled={end.isPending}
            onClick={() => end.mutate(undefined, { onSuccess: () => renew.reset() })}
          >
            {say('today.endFeed')}
          </button>
        )}
      </div>
      {trouble && (
        <p role="alert" className="text-error">
          {sayError(trouble)}
        </p>
      )}
    </details>
  );
}
