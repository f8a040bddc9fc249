import { say } from '@idle-kettle/words';
import type { BookRecord } from '@idle-kettle/contract';
import { Camera, Trash2, X } from 'lucide-react';
import { useId, useRef, useState } from 'react';
import { useAddPhoto, useDeletePhoto } from '../api/book.ts';
import { sayError } from '../api/request.ts';
import { smallerPhoto } from './smallerPhoto.ts';

type Props = {
  readonly record: Pick<BookRecord, 'id' | 'name' | 'photos'>;
  readonly mayCook: boolean;
};

/** Photos of a batch: added from the phone, looked at large, taken out. */
export function Photos({ record: { id, name, photos }, mayCook }: Props) {
  const add = useAddPhoto(id);
  const remove = useDeletePhoto();
  const [sending, setSending] = useState(0);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [shown, setShown] = useState<number | null>(null);
  const dialog = useRef<HTMLDialogElement>(null);
  const input = useId();
  const take = async (files: readonly File[]) => {
    setTrouble(null);
    setSending(files.length);
    for (const file of files) {
      try {
        const jpeg = await smallerPhoto(file).catch(() => null);
        if (jpeg === null) setTrouble(say('book.photoCantOpen'));
        else await add.mutateAsync({ id: crypto.randomUUID(), jpeg });
      } catch (error) {
        setTrouble(sayError(error as Error));
      }
      setSending((left) => left - 1);
    }
  };
  const show = (index: number) => {
    setShown(index);
    dialog.current?.showModal();
  };
  const large = shown === null ? undefined : photos[shown];
  return (
    <section aria-label={say('book.photos', { count: photos.length })}>
      <ul className="flex flex-wrap gap-2">
        {photos.map((photo, index) => (
          <li key={photo.id} className="relative">
            <button
              type="button"
              data-look
              className="block overflow-hidden rounded-field border-2 border-base-300"
              onClick={() => show(index)}
            >
              <img
                src={`/api/photos/${photo.id}?small`}
                alt={say('book.photoOf', { number: index + 1, name })}
                width={photo.width}
                height={photo.height}
                loading="lazy"
                className="h-28 w-auto object-cover"
              />
            </button>
            {mayCook && (
              <button
                type="button"
                aria-label={say('book.deletePhoto', { number: index + 1 })}
                className="btn btn-square btn-sm absolute top-1 right-1"
                onClick={() => remove.mutate(photo.id)}
              >
                <Trash2 aria-hidden className="size-4" />
              </button>
            )}
          </li>
        ))}
        {mayCook && (
          <li>
            <label
              htmlFor={input}
              className="btn h-28 flex-col border-2 border-dashed border-base-300 focus-within:outline-3 focus-within:outline-secondary"
            >
              <Camera aria-hidden className="size-6" />
              {sending > 0 ? say('book.photoSending') : say('book.addPhotos')}
              <input
                id={input}
                type="file"
                accept="image/*"
                multiple
                className="sr-only"
                onChange={({ target }) => {
                  void take([...(target.files ?? [])]);
                  target.value = '';
                }}
              />
            </label>
          </li>
        )}
      </ul>
      {(trouble ?? remove.error) !== null && (
        <p role="alert" className="mt-1 border-l-4 border-error pl-3 text-error">
          {trouble ?? (remove.error && sayError(remove.error))}
        </p>
      )}
      <dialog
        ref={dialog}
        aria-label={say('book.largePhoto')}
        className="m-auto max-h-[95vh] max-w-[95vw] rounded-box bg-base-100 p-3"
      >
        {large !== undefined && (
          <img
            src={`/api/photos/${large.id}`}
            alt={say('book.photoOf', { number: (shown ?? 0) + 1, name })}
            className="max-h-[80vh] w-auto max-w-full"
          />
        )}
        <form method="dialog" className="mt-2 text-right">
          <button type="submit" data-look className="btn">
            <X aria-hidden className="size-4" /> {say('book.close')}
          </button>
        </form>
      </dialog>
    </section>
  );
}
