import { say, type PlainMessageId } from '@idle-kettle/words';
import type { CookSession } from '@idle-kettle/contract';
import { jarPlaceOf, type JarPlan, type JarProgress } from '@idle-kettle/core';
import { FileDown } from 'lucide-react';
import { useEffect, useMemo, useState } from 'react';
import { labelTextOf, netInWords, NO_WORDS, type OwnWords } from '../labels/labelText.ts';
import {
  DESIGN_NAMES,
  LABEL_DESIGNS,
  SMALL_PT,
  smallestType,
  type Label,
  type LabelDesign,
} from '../labels/labelLayout.ts';
import { PdfPreview } from '../labels/PdfPreview.tsx';
import { LABEL_SHEETS, sheetsFor, type LabelSheetSize } from '../labels/sheets.ts';
import { downloadBlob, fileNameOf } from '../ui/download.ts';
import { Drawer } from '../ui/Drawer.tsx';
import { useSettled } from '../ui/useSettled.ts';

type Props = {
  readonly session: CookSession;
  readonly jarPlan: JarPlan;
  readonly progress: JarProgress;
  readonly onClose: () => void;
};

/** A file that was made, and of what; null where that failed. */
type Made = {
  readonly size: LabelSheetSize;
  readonly design: LabelDesign;
  readonly labels: readonly Label[];
  readonly file: Blob | null;
};

const OWN_FIELDS: { readonly [field in keyof OwnWords]: PlainMessageId } = {
  name: 'jars.nameOnTheLabel',
  line: 'jars.aLineOfYourOwn',
  to: 'jars.toWhom',
  from: 'jars.fromWhom',
};
const MOST_OWN_CHARS = 60;
const REDRAWN_AFTER_MS = 400;

/** Labels for the jars of a batch: on which sheet, how they look, and the file. */
export function LabelsSheet({ session, jarPlan, progress, onClose }: Props) {
  const { units } = session.kitchen;
  const sheets = sheetsFor(units);
  const [on, setOn] = useState(sheets[0]?.id ?? '');
  const [typed, setTyped] = useState(NO_WORDS);
  // Labels are drawn anew when the typing rests, and not with every key.
  const own = useSettled(typed, REDRAWN_AFTER_MS);
  const [design, setDesign] = useState<LabelDesign>('everyday');
  const [made, setMade] = useState<Made | null>(null);
  const size = LABEL_SHEETS.find(({ id }) => id === on);
  const labels = useMemo(
    () =>
      progress.jars.flatMap((jar) => {
        const place = jarPlaceOf(jar, jarPlan.shelf.verdict);
        return place === 'gone'
          ? []
          : [
              {
                text: labelTextOf(
                  session,
                  jarPlan,
                  place,
                  jar.filledAtMs,
                  window.location.origin,
                  own,
                  progress.loads.find(({ number }) => number === jar.load)?.minutes ?? null,
                  jar,
                ),
                net: netInWords(jarPlan, jar.holdsMl, units),
              },
            ];
      }),
    [session, jarPlan, progress, own, units],
  );
  useEffect(() => {
    if (size === undefined) return undefined;
    let gone = false;
    const tell = (file: Blob | null) => {
      if (!gone) setMade({ size, design, labels, file });
    };
    import('../labels/labelsPdf.ts')
      .then(({ labelsFile }) => labelsFile(size, design, labels))
      .then(tell, () => tell(null));
    return () => {
      gone = true;
    };
  }, [size, design, labels]);
  // A file of other labels, or on another sheet, is none of these.
  const isOfThese =
    made !== null && made.size === size && made.design === design && made.labels === labels;
  const file = isOfThese ? made.file : null;
  const failed = isOfThese && made.file === null;
  const isSmall =
    size !== undefined && labels.some((label) => smallestType(size, design, label) < SMALL_PT);
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
            {sheets.map(({ id, name }) => (
              <option key={id} value={id}>
                {say(name)}
              </option>
            ))}
          </select>
        </label>
        <label className="flex w-fit flex-col font-bold">
          {say('jars.labelDesign')}
          <select
            className="select font-normal"
            value={design}
            onChange={({ target }) => setDesign(target.value as LabelDesign)}
          >
            {LABEL_DESIGNS.map((id) => (
              <option key={id} value={id}>
                {say(DESIGN_NAMES[id])}
              </option>
            ))}
          </select>
        </label>
        <div className="grid gap-x-4 gap-y-2 sm:grid-cols-2">
          {(Object.keys(OWN_FIELDS) as (keyof OwnWords)[]).map((field) => (
            <label key={field} className="flex flex-col font-bold">
              {say(OWN_FIELDS[field])}
              <input
                className="input w-full font-normal"
                maxLength={MOST_OWN_CHARS}
                value={typed[field]}
                placeholder={field === 'name' ? session.name : ''}
                onChange={({ target }) => setTyped({ ...typed, [field]: target.value })}
              />
            </label>
          ))}
        </div>
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
