/** “Where does this come from?”: opens the reckoning behind a figure. */
export const Where = ({ about, children }: { about: string; children: React.ReactNode }) => (
  <details className="group text-sm">
    <summary className="w-fit cursor-pointer list-none underline decoration-dotted underline-offset-4 opacity-80 hover:opacity-100">
      <span className="sr-only">{about}: </span>where does this come from?
    </summary>
    <p className="mt-1 border-l-4 border-base-300 pl-3 leading-snug">{children}</p>
  </details>
);
