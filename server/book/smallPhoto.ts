import { message } from '@idle-kettle/words/message';
import sharp, { type Sharp } from 'sharp';
import { BadInput } from '../problem/errors.ts';

/** What is taken in of formats: what phones and browsers make. */
const TAKEN: ReadonlySet<string> = new Set(['jpeg', 'png', 'webp']);
/** More than a good phone takes; what claims more is not opened. */
const MOST_PIXELS = 50_000_000;
const LARGE_PX = 1600;
const SMALL_PX = 320;
/** A few hundred kB at most. */
const MOST_BYTES = 400_000;
const QUALITIES = [80, 65, 50, 35];

const notAPhoto = (field: string): BadInput =>
  new BadInput([{ field, message: message('problems.notAPhoto') }]);

/** A picture for a page, and for a list: JPEG. */
export type SmallPhoto = {
  readonly jpeg: Buffer;
  readonly small: Buffer;
  readonly width: number;
  readonly height: number;
};

/**
 * A picture that somebody sends, made anew: upright, no larger than a page shows, and nothing in it
 * but what is seen. What is no picture, is broken or claims to be huge is refused before it is
 * opened.
 */
export async function madeSmall(sent: Buffer): Promise<SmallPhoto> {
  const open = (): Sharp =>
    sharp(sent, { limitInputPixels: MOST_PIXELS, failOn: 'error', sequentialRead: true });
  try {
    const { format, width, height } = await open().metadata();
    if (!TAKEN.has(format) || width * height > MOST_PIXELS) throw new RangeError('Not a photo');
    const upright = open().rotate();
    const small = await upright
      .clone()
      .resize(SMALL_PX, SMALL_PX, { fit: 'inside', withoutEnlargement: true })
      .flatten({ background: '#ffffff' })
      .jpeg({ quality: 70 })
      .toBuffer();
    for (const quality of QUALITIES) {
      const { data, info } = await upright
        .clone()
        .resize(LARGE_PX, LARGE_PX, { fit: 'inside', withoutEnlargement: true })
        .flatten({ background: '#ffffff' })
        .jpeg({ quality })
        .toBuffer({ resolveWithObject: true });
      if (data.length <= MOST_BYTES || quality === QUALITIES.at(-1))
        return { jpeg: data, small, width: info.width, height: info.height };
    }
    throw new RangeError('There is a quality');
  } catch {
    // What the library says of it would tell a cook nothing.
    throw notAPhoto('photo');
  }
}

/**
 * A photo from an exported Book: kept byte for byte where it is one of ours, made small where not.
 * @param index its place in the file
 */
export async function asItCame(sent: Buffer, index: number): Promise<SmallPhoto> {
  try {
    const made = await madeSmall(sent);
    const { format, width, height, exif, xmp, icc, iptc } = await sharp(sent).metadata();
    const isOurs =
      format === 'jpeg' &&
      sent.length <= MOST_BYTES &&
      Math.max(width, height) <= LARGE_PX &&
      [exif, xmp, icc, iptc].every((part) => part === undefined);
    return isOurs ? { ...made, jpeg: sent, width, height } : made;
  } catch (error) {
    if (!(error instanceof BadInput)) throw error;
    throw notAPhoto(`photos[${index}].jpeg`);
  }
}
