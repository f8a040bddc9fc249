import regular from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff?url';
import bold from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff?url';
import pdfMake from 'pdfmake/build/pdfmake';
import roboto from 'pdfmake/build/vfs_fonts';
import type { TDocumentDefinitions } from 'pdfmake/interfaces';

const here = (path: string): string => new URL(path, window.location.href).href;
const [normal, heavy] = [here(regular), here(bold)];

pdfMake.addVirtualFileSystem(roboto);
pdfMake.addFonts({
  Atkinson: { normal, bold: heavy, italics: normal, bolditalics: heavy },
});

/** Letters that the app’s own font does not have on paper. */
const BEYOND =
  /[^\u0020-\u00ff\u0131\u0152\u0153\u2013\u2014\u2018-\u201e\u2022\u2026\u20ac\u2122]/;

/** A file in the app’s own font; in another, with more letters, where a text wants them. */
export const pdfFile = (document: TDocumentDefinitions): Promise<Blob> =>
  pdfMake
    .createPdf({
      ...document,
      defaultStyle: {
        ...document.defaultStyle,
        font: BEYOND.test(JSON.stringify(document.content)) ? 'Roboto' : 'Atkinson',
      },
    })
    .getBlob();
