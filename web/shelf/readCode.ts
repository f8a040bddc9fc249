import { jarCode, jarOfCode } from '@idle-kettle/core/season';

/** Wider pictures are made smaller before they are looked through, px. */
const MOST_PX = 1600;

/** The jar of a code’s text, which is its page’s address or its short number; null for another. */
export function codeOfText(text: string): string | null {
  const [, ofAddress] = /\/j\/([^/?#]+)\/?(?:[?#].*)?$/.exec(text.trim()) ?? [];
  const jar = jarOfCode(ofAddress ?? text);
  return jar === null ? null : jarCode(jar);
}

/** The jar whose code is in a picture, or before a camera; null where there is none to be read. */
export async function codeInPicture(picture: Blob | HTMLVideoElement): Promise<string | null> {
  const { width, height, image } = await pixelsOf(picture);
  if (width === 0 || height === 0) return null;
  const { default: jsQR } = await import('jsqr');
  const found = jsQR(image.data, width, height);
  return found === null ? null : codeOfText(found.data);
}

async function pixelsOf(picture: Blob | HTMLVideoElement) {
  const isFile = picture instanceof Blob;
  const source = isFile ? await createImageBitmap(picture) : picture;
  const [wide, high] =
    source instanceof HTMLVideoElement
      ? [source.videoWidth, source.videoHeight]
      : [source.width, source.height];
  const scale = Math.min(1, MOST_PX / Math.max(1, wide, high));
  const [width, height] = [Math.round(wide * scale), Math.round(high * scale)];
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [Math.max(1, width), Math.max(1, height)];
  const context = canvas.getContext('2d', { willReadFrequently: true });
  if (context === null) throw new Error('There is nothing to draw on');
  context.drawImage(source, 0, 0, canvas.width, canvas.height);
  return { width, height, image: context.getImageData(0, 0, canvas.width, canvas.height) };
}
