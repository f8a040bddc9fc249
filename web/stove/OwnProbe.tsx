import { say } from '@idle-kettle/words';
/** How a probe or a scale of one’s own sends its readings to this cook. */
export const OwnProbe = ({ cook }: { cook: string }) => (
  <details className="mt-3 text-base">
    <summary className="cursor-pointer underline decoration-dotted underline-offset-4">
      {say('stove.yourOwnProbe')}
    </summary>
    <p className="mt-1">{say('stove.anythingThatCanSendA')}</p>
    <pre
      tabIndex={0}
      aria-label={say('stove.commandThatSendsAReading')}
      className="mt-1 overflow-x-auto rounded bg-base-100 p-2 text-sm"
    >{`curl -X POST ${window.location.origin}/api/cook-sessions/${cook}/log \\
  -H 'Content-Type: application/json' \\
  -d '{"entries":[{"source":"probe","seq":1,"at":'$(date +%s%3N)',
       "kind":"temperature","value":92.4}]}'`}</pre>
    <p className="mt-1">{say('stove.aReadingSentTwiceIs')}</p>
  </details>
);
