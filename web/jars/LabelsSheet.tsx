import { say } from '@idle-kettle/words';
import type { CookSession } from '@idle-kettle/contract';
import type { Jar, JarProgress, JarPlan } from '@idle-kettle/core';
import { FileDown } from 'lucide-react';
import { useEffect, useMemo, useState } from 'react';
import { labelTextOf, netInWords } from '../labels/labelText.ts';
import { SMALL_PT, smallestType, type Label } from '../labels/labelLayout.ts';
import { PdfPreview } from '../labels/PdfPreview.tsx';
import { LABEL_SHEETS, type LabelSheetSize } from '../labels/sheets.ts';
import { downloadBlob, fileNameOf } from '../ui/download.ts';
import { fruitColourOfLines } from '../ui/fruit.ts';
import { Drawer } from '../ui/Drawer.tsx';

type Props = {
  readonly session: CookSession;
  readonly jarPlan: JarPlan;
  readonly progress: JarProgress;
  readonly onClose: () => void;
};

/** A file that was made, and of what; null where that failed. */
type Made = {
  readonly size: LabelSheetSize;
  readonly labels: readonly Label[];
  readonly file: Blob | null;
};

/** Labels for the jars of a batch: on which sheet, how they look, and the file. */
export function LabelsSheet({ session, jarPlan, progress, onClose }: Props) {
  const [on, setOn] = useState(LABEL_SHEETS[0]?.id ?? '');
  const [made, setMade] = useState<Made | null>(null);
  const size = LABEL_SHEETS.find(({ id }) => id === on);
  const labels = useMemo(() => {
    const jars = progress.jars.filter(({ state }) => state !== 'broken');
    const madeMs = jars[0]?.filledAtMs ?? Date.parse(session.startedAt);
    const fruit = fruitColourOfLines(session.formula);
    const { origin } = window.location;
    const text = labelTextOf(session, jarPlan, madeMs, origin, fruit);
    const cold = labelTextOf(session, forTheFridge(jarPlan), madeMs, origin, fruit);
    return jars.map((jar) => ({
      text: isCold(jar) ? cold : text,
      net: netInWords(jarPlan, jar.holdsMl),
    }));
  }, [session, jarPlan, progress]);
  useEffect(() => {
    if (size === undefined) return undefined;
    let gone = false;
    const tell = (file: Blob | null) => {
      if (!gone) setMade({ size, labels, file });
    };
    import('../labels/labelsPdf.ts')
      .then(({ labelsFile }) => labelsFile(size, labels))
      .then(tell, () => tell(null));
    return () => {
      gone = true;
    };
  }, [size, labels]);
  // A file of other labels, or on another sheet, is none of these.
  const isOfThese = made !== null && made.size === size && made.labels === labels;
  const file = isOfThese ? made.file : null;
  const failed = isOfThese && made.file === null;
  const isSmall =
    size !== undefined && labels.some((label) => smallestType(size, label) < SMALL_PT);
  return (
    <Drawer title={say('jars.labels2')} onClose={onClose}>
      <div className="flex flex-col gap-4">
        <label className="flex w-fit flex-col font-bold">
          {say('jars.sheetSize')}
          <select
            className="select font-normal"
            value={on}
            onChange={({ target }) => setOn(target.value)}
          >
            {LABEL_SHEETS.map(({ id, name }) => (
              <option key={id} value={id}>
                {say(name)}
              </option>
            ))}
          </select>
        </label>
        <p>
          {say('jars.onePerJarFridgeJars', {
            count: labels.length,
            part: labels.length === 1 ? say('jars.label') : say('jars.labels3'),
          })}
        </p>
        <button
          type="button"
          className="btn btn-primary w-fit"
          disabled={file === null}
          onClick={() => file && downloadBlob(`${fileNameOf(session.name)}-labels.pdf`, file)}
        >
          <FileDown aria-hidden className="size-5" /> {say('jars.download')}
        </button>
        {isSmall && (
          <p role="status" className="border-l-4 border-secondary pl-3">
            {say('jars.thereIsTooMuchText')}
          </p>
        )}
        {failed && (
          <p role="alert" className="border-l-4 border-error pl-3 text-error">
            {say('jars.theLabelsCouldntBeMade')}
          </p>
        )}
        {file && <PdfPreview file={file} label={say('jars.labelsOf', { name: session.name })} />}
      </div>
    </Drawer>
  );
}

/** A jar that is not full, or that did not seal, says that it is kept cold. */
const isCold = ({ part, state }: Jar): boolean =>
  part || state === 'fridge' || state === 'unsealed' || state === 'cut short';

const forTheFridge = (jarPlan: JarPlan): JarPlan => ({
  ...jarPlan,
  shelf: { ...jarPlan.shelf, verdict: 'fridge' },
});
