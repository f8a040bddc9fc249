import jsqr from 'jsqr';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { PNG } from 'pngjs';
import { placesOn, sheetsFor } from '../web/labels/sheets.ts';

const DOTS_PER_MM = 300 / 25.4;

/** The pages of a PDF as pictures, 300 dots an inch. */
export function drawn(path: string): PNG[] {
  const folder = mkdtempSync(join(tmpdir(), 'labels-'));
  execFileSync('pdftoppm', ['-r', '300', '-png', path, join(folder, 'page')]);
  return readdirSync(folder)
    .sort()
    .map((name) => PNG.sync.read(readFileSync(join(folder, name))));
}

/** What every code on a page of labels says. */
export function codesIn(page: PNG): string[] {
  const [sheet] = sheetsFor('us');
  if (sheet === undefined) return [];
  const dots = (mm: number) => Math.floor(mm * DOTS_PER_MM);
  const [wide, high] = [dots(sheet.wideMm), dots(sheet.highMm)];
  return placesOn(sheet).flatMap(({ x, y }) => {
    const label = new PNG({ width: wide, height: high });
    PNG.bitblt(page, label, dots(x), dots(y), wide, high, 0, 0);
    const code = jsqr.default(new Uint8ClampedArray(label.data), wide, high);
    return code === null ? [] : [code.data];
  });
}
