/** “Where does this come from?”: opens the reckoning behind a figure. */
export const Where = ({ about, children }: { about: string; children: React.ReactNode }) => (
  <details className="text-sm open:basis-full">
    <summary className="w-fit cursor-pointer list-none underline decoration-dotted underline-offset-4 opacity-80 hover:opacity-100">
      <span className="sr-only">{about}, </span>where from?
    </summary>
    <p className="mt-1 border-l-4 border-base-300 pl-3 leading-snug">{children}</p>
  </details>
);
