import { say } from '@idle-kettle/words';
import { X } from 'lucide-react';
import { useId, useLayoutEffect, useRef, useState } from 'react';

type Props = {
  readonly title: string;
  /** Whether something is written in it that closing would throw away. */
  readonly unsaved?: boolean;
  readonly onClose: () => void;
  readonly children: React.ReactNode;
};

/**
 * A sheet of paper laid over the screen from its side, for a form. What is written in it is not
 * thrown away by a stray key.
 */
export function Drawer({ title, unsaved = false, onClose, children }: Props) {
  const dialog = useRef<HTMLDialogElement>(null);
  const [asking, setAsking] = useState(false);
  const id = useId();
  // Closed while it is still there, it gives the focus back to what opened it.
  useLayoutEffect(() => {
    const sheet = dialog.current;
    sheet?.showModal();
    return () => sheet?.close();
  }, []);

  function leave() {
    if (unsaved) setAsking(true);
    else onClose();
  }

  return (
    <dialog
      ref={dialog}
      aria-labelledby={id}
      onCancel={(event) => {
        event.preventDefault();
        leave();
      }}
      className="my-0 mr-0 ml-auto h-dvh max-h-none w-full max-w-3xl overflow-y-auto bg-base-200 p-5 text-base-content backdrop:bg-black/50 sm:rounded-l-box sm:p-7"
    >
      <div className="mb-4 flex items-center gap-3">
        <h2 id={id} className="grow text-2xl font-bold text-primary">
          {title}
        </h2>
        <button
          type="button"
          className="btn btn-square btn-ghost"
          aria-label={say('ui.close')}
          onClick={leave}
        >
          <X aria-hidden className="size-5" />
        </button>
      </div>
      {asking && unsaved && (
        <div
          role="alert"
          className="mb-4 flex flex-wrap items-center gap-3 border-l-4 border-secondary pl-3"
        >
          <p>{say('ui.changesHereArentSaved')}</p>
          <button type="button" className="btn btn-sm" onClick={onClose}>
            {say('ui.discard')}
          </button>
          <button type="button" className="btn btn-sm" onClick={() => setAsking(false)}>
            {say('ui.keepEditing')}
          </button>
        </div>
      )}
      {children}
    </dialog>
  );
}
