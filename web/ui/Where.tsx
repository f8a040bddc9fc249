import { Say } from './Say.tsx';
import { useState } from 'react';

/**
 * “Where does this come from?”: opens the reckoning behind a figure, which is written only while it
 * is open.
 */
export function Where({ about, children }: { about: string; children: React.ReactNode }) {
  const [open, setOpen] = useState(false);
  return (
    <details
      className="text-sm open:basis-full"
      onToggle={(event) => setOpen(event.currentTarget.open)}
    >
      <summary className="w-fit cursor-pointer list-none underline decoration-dotted underline-offset-4 opacity-80 hover:opacity-100">
        <Say id="ui.sources" values={{ part: <span className="sr-only">{about}, </span> }} />
      </summary>
      {open && <p className="mt-1 border-l-4 border-base-300 pl-3 leading-snug">{children}</p>}
    </details>
  );
}
