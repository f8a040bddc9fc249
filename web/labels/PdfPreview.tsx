import { say } from '@idle-kettle/words';
import { useEffect, useRef, useState } from 'react';

/** Pixels across that a page is drawn at: sharp on any screen. */
const DRAWN_PX = 900;

/** The first page of a file, drawn from the file itself: what is shown is what is printed. */
export function PdfPreview({ file, label }: { readonly file: Blob; readonly label: string }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [pages, setPages] = useState<number | null>(null);
  const [failed, setFailed] = useState(false);
  useEffect(() => {
    let gone = false;
    async function draw() {
      const pdf = await import('pdfjs-dist');
      pdf.GlobalWorkerOptions.workerSrc = new URL(
        'pdfjs-dist/build/pdf.worker.min.mjs',
        import.meta.url,
      ).href;
      const document = await pdf.getDocument({ data: await file.arrayBuffer() }).promise;
      const page = await document.getPage(1);
      const scale = DRAWN_PX / page.getViewport({ scale: 1 }).width;
      const viewport = page.getViewport({ scale });
      const on = canvas.current;
      if (gone || on === null) return;
      [on.width, on.height] = [viewport.width, viewport.height];
      await page.render({ canvas: on, viewport }).promise;
      if (!gone) setPages(document.numPages);
    }
    draw().catch(() => {
      if (!gone) setFailed(true);
    });
    return () => {
      gone = true;
    };
  }, [file]);
  return (
    <figure>
      <canvas
        ref={canvas}
        role="img"
        aria-label={label}
        data-drawn={pages !== null}
        className="w-full border border-base-300 bg-white"
      />
      <figcaption role="status" className="text-sm">
        {failed
          ? say('labels.itCantBeShownHere')
          : pages === null
            ? say('labels.drawing')
            : say('labels.page1OfAsPrinted', { pages })}
      </figcaption>
    </figure>
  );
}
