import { say } from '@idle-kettle/words';
import { Camera } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { Drawer } from '../ui/Drawer.tsx';
import { codeInPicture, codeOfText } from './readCode.ts';

type Props = {
  readonly onCode: (code: string) => void;
  readonly onClose: () => void;
  /** What is said of the last code; it stays open for more where this is given. */
  readonly last?: string | null;
};

/** Between two looks through the camera, ms. */
const LOOK_MS = 250;

/** Reads the code on a label: with the camera, from a picture, or as it is typed. */
export function Scanner({ onCode, onClose, last = null }: Props) {
  const [trouble, setTrouble] = useState<string | null>(null);
  const [typed, setTyped] = useState('');
  const [isLive, setLive] = useState(false);
  const seen = useRef<string | null>(null);
  const take = (code: string | null) => {
    if (code === null) return setTrouble(say('shelf.noCode'));
    setTrouble(null);
    onCode(code);
  };
  return (
    <Drawer title={say('shelf.scanLabel')} onClose={onClose}>
      <div className="flex flex-col gap-4">
        {isLive ? (
          <LiveCamera
            onCode={(code) => {
              // The same label before the camera is told once.
              if (seen.current === code) return;
              seen.current = code;
              take(code);
            }}
            onTrouble={() => {
              setLive(false);
              setTrouble(say('shelf.noCamera'));
            }}
          />
        ) : (
          <button type="button" className="btn btn-primary" onClick={() => setLive(true)}>
            <Camera aria-hidden className="size-5" /> {say('shelf.camera')}
          </button>
        )}
        <label className="flex flex-col font-bold">
          {say('shelf.picture')}
          <input
            type="file"
            accept="image/*"
            capture="environment"
            className="font-normal"
            onChange={({ target }) => {
              const [file] = target.files ?? [];
              if (file === undefined) return;
              void codeInPicture(file).then(take, () => take(null));
              target.value = '';
            }}
          />
        </label>
        <form
          className="flex flex-wrap items-end gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            take(codeOfText(typed));
            setTyped('');
          }}
        >
          <label className="flex flex-col font-bold">
            {say('shelf.typeCode')}
            <input
              className="input w-40 font-normal"
              placeholder="14-3"
              maxLength={200}
              value={typed}
              onChange={({ target }) => setTyped(target.value)}
            />
          </label>
          <button type="submit" className="btn" disabled={typed.trim() === ''}>
            {say('shelf.findJar')}
          </button>
        </form>
        <p role="status" className="min-h-6">
          {trouble ?? last ?? ''}
        </p>
      </div>
    </Drawer>
  );
}

/** What the camera sees, looked through for a code a few times a second. */
function LiveCamera({
  onCode,
  onTrouble,
}: {
  readonly onCode: (code: string) => void;
  readonly onTrouble: () => void;
}) {
  const video = useRef<HTMLVideoElement>(null);
  const told = useRef({ onCode, onTrouble });
  useEffect(() => {
    told.current = { onCode, onTrouble };
  });
  useEffect(() => {
    let gone = false;
    let stream: MediaStream | null = null;
    let timer: ReturnType<typeof setInterval> | null = null;
    const begin = async () => {
      stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } });
      if (gone || video.current === null)
        return stream.getTracks().forEach((track) => track.stop());
      video.current.srcObject = stream;
      await video.current.play();
      timer = setInterval(() => {
        if (video.current === null) return;
        void codeInPicture(video.current).then((code) => {
          if (code !== null && !gone) told.current.onCode(code);
        });
      }, LOOK_MS);
    };
    begin().catch(() => {
      if (!gone) told.current.onTrouble();
    });
    return () => {
      gone = true;
      if (timer !== null) clearInterval(timer);
      stream?.getTracks().forEach((track) => track.stop());
    };
  }, []);
  return <video ref={video} muted playsInline className="w-full rounded-box bg-neutral" />;
}
