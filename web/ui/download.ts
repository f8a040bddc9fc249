/** Hands a text to the browser as a file to keep. */
export const download = (fileName: string, type: string, text: string): void =>
  downloadBlob(fileName, new Blob([text], { type }));

/** Hands a file to the browser to keep. */
export function downloadBlob(fileName: string, file: Blob): void {
  const url = URL.createObjectURL(file);
  const link = document.createElement('a');
  link.href = url;
  link.download = fileName;
  link.click();
  URL.revokeObjectURL(url);
}

/** A batch’s name as a file may bear it: `Hedge bramble` → `hedge-bramble`. */
export const fileNameOf = (name: string): string =>
  name
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '') || 'batch';
