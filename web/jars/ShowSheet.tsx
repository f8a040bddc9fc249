import { say } from '@idle-kettle/words';
import type { CookSession } from '@idle-kettle/contract';
import type { JarProgress, JarPlan } from '@idle-kettle/core';
import { FileDown } from 'lucide-react';
import { useState } from 'react';
import { downloadBlob, fileNameOf } from '../ui/download.ts';
import { Drawer } from '../ui/Drawer.tsx';
import { SaveFileButton } from '../ui/SaveFileButton.tsx';
import { entryOf, JUDGED, withExhibitor } from '../labels/showEntry.ts';

type Props = {
  readonly session: CookSession;
  readonly jarPlan: JarPlan;
  readonly progress: JarProgress;
  readonly onClose: () => void;
};

/** For a fair: the card that goes with the jar, and what a judge looks at, to look at it first. */
export function ShowSheet({ session, jarPlan, progress, onClose }: Props) {
  const [exhibitor, setExhibitor] = useState('');
  const [showClass, setShowClass] = useState('');
  const entry = withExhibitor(entryOf(session, jarPlan, progress), exhibitor, showClass);
  return (
    <Drawer title={say('jars.showEntry2')} onClose={onClose}>
      <div className="flex flex-col gap-5">
        <div className="grid gap-x-4 gap-y-2 sm:grid-cols-2">
          <Written label={say('labels.exhibitor')} value={exhibitor} onWrite={setExhibitor} />
          <Written label={say('labels.class')} value={showClass} onWrite={setShowClass} />
        </div>
        <section aria-label={say('jars.entryCard')} className="jar-label p-4 pr-6">
          <h3 className="text-xl font-bold text-primary">{session.name}</h3>
          <dl className="mt-1 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
            {entry.map(([what, said]) => (
              <div key={what} className="contents">
                <dt className="font-bold text-secondary">{what}</dt>
                <dd>{said}</dd>
              </div>
            ))}
          </dl>
        </section>
        <section aria-label={say('jars.whatAJudgeLooksFor')}>
          <h3 className="text-xl font-bold text-primary">{say('jars.checkYourJarAsA')}</h3>
          <ul className="mt-1 flex flex-col gap-1">
            {JUDGED.map(({ id, what, right }) => (
              <li key={id}>
                <label className="flex cursor-pointer items-start gap-3">
                  <input type="checkbox" className="checkbox mt-0.5" />
                  <span>
                    <b>{say(what)}:</b> {say(right)}
                  </span>
                </label>
              </li>
            ))}
          </ul>
        </section>
        <SaveFileButton
          className="btn btn-primary w-fit"
          make={() =>
            import('../labels/showPdf.ts')
              .then(({ showFile }) => showFile(session.name, entry, session.kitchen.units))
              .then((file) => downloadBlob(`${fileNameOf(session.name)}-show.pdf`, file))
          }
        >
          <FileDown aria-hidden className="size-5" /> {say('jars.download')}
        </SaveFileButton>
      </div>
    </Drawer>
  );
}

type WrittenProps = {
  readonly label: string;
  readonly value: string;
  readonly onWrite: (value: string) => void;
};

const Written = ({ label, value, onWrite }: WrittenProps) => (
  <label className="flex flex-col font-bold">
    {label}
    <input
      className="input w-full font-normal"
      maxLength={60}
      value={value}
      onChange={({ target }) => onWrite(target.value)}
    />
  </label>
);
