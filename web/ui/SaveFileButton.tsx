import { say } from '@idle-kettle/words';
import { useState, type ReactNode } from 'react';

type Props = {
  /** Makes the file and hands it to the browser. */
  readonly make: () => Promise<void>;
  readonly className: string;
  readonly children: ReactNode;
};

/** A button that makes a file; it is not pressed twice meanwhile, and says where that failed. */
export function SaveFileButton({ make, className, children }: Props) {
  const [state, setState] = useState<'ready' | 'making' | 'failed'>('ready');
  return (
    <>
      <button
        type="button"
        className={className}
        disabled={state === 'making'}
        onClick={() => {
          setState('making');
          make().then(
            () => setState('ready'),
            () => setState('failed'),
          );
        }}
      >
        {children}
      </button>
      {state === 'failed' && (
        <p role="alert" className="border-l-4 border-error pl-3">
          {say('ui.theFileWasNotMade')}
        </p>
      )}
    </>
  );
}
