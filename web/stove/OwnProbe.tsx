/** How a probe or a scale of one’s own sends its readings to this cook. */
export const OwnProbe = ({ cook }: { cook: string }) => (
  <details className="mt-3 text-base">
    <summary className="cursor-pointer underline decoration-dotted underline-offset-4">
      A probe of your own
    </summary>
    <p className="mt-1">
      Anything that can send a web request can be a probe. One reading, with its number (seq) one
      higher each time and the time in milliseconds:
    </p>
    <pre
      tabIndex={0}
      aria-label="Command that sends a reading"
      className="mt-1 overflow-x-auto rounded bg-base-100 p-2 text-sm"
    >{`curl -X POST ${window.location.origin}/api/cook-sessions/${cook}/log \\
  -H 'Content-Type: application/json' \\
  -d '{"entries":[{"source":"probe","seq":1,"at":'$(date +%s%3N)',
       "kind":"temperature","value":92.4}]}'`}</pre>
    <p className="mt-1">
      A reading that is sent twice is kept once. A scale sends kind weight, in grams without the
      pot.
    </p>
  </details>
);
