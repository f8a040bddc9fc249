import type { Batch, CookSession } from '@idle-kettle/contract';
import type { Download, Page } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import { some } from '../../core/test/runs.ts';
import { JarLog } from '../../core/test/jarLog.ts';
import type { KettleServer } from '../kettleServer.ts';
import { keptDay } from '../daySheet.ts';
import { keepBook } from '../keptBook.ts';
import { expect, go, test } from '../kitchen.ts';
import { PAST_READINGS, type PastReadings } from '../pastReadings.ts';

/** What somebody writes who means no good, or writes from the other side. */
const TEXTS = [
  `<img src=x onerror="window.pwned=1">"><script>window.pwned=1</script>`,
  `=HYPERLINK("http://evil.example";"x") ＝cmd|'/C calc'!A1`,
  `＠SUM(1);=1+1|-2+3 {{7*7}} {{- name}} $t(jars.done) $& %s \${1+1}`,
  `\u202Etxt.exe\u202C \u200B=1 ../../etc/passwd javascript:alert(1)//`,
  `עברית العربية 漢字 👩‍🍳 Z̛̗a̐l̵g̸o ${'W'.repeat(60)}`,
];

/** Every field of text that a person can write, with one text in all of them. */
async function written(
  kettle: KettleServer,
  text: string,
): Promise<{
  readonly batch: Batch;
  readonly cook: CookSession;
  readonly past: string;
  readonly day: string;
}> {
  const { version } = await kettle.send<{ version: number }>('GET', '/kitchen');
  // Names take no angle brackets, which is said; lines, notes and labels do.
  const plain = text.replace(/[<>]/g, '');
  const name = plain.slice(0, 60).trim();
  const own = (what: string) => `${what} ${name}`.slice(0, 60).trim();
  await kettle.send('PATCH', '/kitchen', {
    version,
    changes: {
      name,
      pots: [{ name: own('pot'), diameterCm: 30, heightCm: 14 }],
      burners: [{ name: own('burner'), heat: 'medium-burner' }],
      jars: [
        { name: own('half'), volumeMl: 237, count: 20, lids: 20 },
        { name: own('quarter'), volumeMl: 118, count: 20 },
      ],
    },
  });
  // Some alphabets are none that a name is taught in, which is said.
  await kettle
    .send('POST', '/kitchen/names', { name, ingredient: 'plum' })
    .catch((error: Error) => expect(error.message).toContain('/kitchen/names: 400'));
  const of = {
    name: plain.slice(0, 110).trim(),
    lines: ['2 kg plums', '1.4 kg sugar', `1 kg ${name}`, `1 tsp ${text.slice(0, 90)}`],
    settings: {
      pot: own('pot'),
      burner: own('burner'),
      assurance: { testedFormula: name, source: name },
    },
  };
  const batch = await kettle.send<Batch>('POST', '/batches', of);
  const recipe = await kettle.send<{ id: string }>('POST', '/recipes', { ...of, note: text });
  await kettle.send('POST', `/recipes/${recipe.id}/versions`, { ...of, note: `second ${text}` });
  const cook = await kettle.send<CookSession>('POST', '/cook-sessions', {
    id: randomUUID(),
    batchId: batch.id,
  });
  const log = new JarLog().closed(0, '1.1-3').processed(1, 1, '1.1-3', 20, 20);
  log.at(60, 'added', text.slice(0, 110), 20).at(61, 'undo', text.slice(0, 110));
  const [past] = await keepBook(kettle, [
    {
      name: of.name,
      lines: of.lines,
      daysAgo: 8,
      log: PAST_READINGS[0] as PastReadings,
      outcome: { set: 'firm', notes: text },
    },
  ]);
  const from = Date.now() - 90 * 60_000;
  await kettle.send('POST', `/cook-sessions/${cook.id}/log`, {
    entries: log.entries.map((entry) => ({ ...entry, at: from + entry.at })),
  });
  const day = await keptDay(kettle, [batch.id], {
    name,
    people: [{ name: own('helper') }],
    burners: [{ name: own('ring') }],
    canners: [{ name: own('canner'), halfPints: 7 }],
  });
  return { batch, cook, past: past?.cook ?? '', day: day.id };
}

/** Nothing was run, nothing was fetched from elsewhere, and no part of the screen failed. */
async function isSound(page: Page): Promise<void> {
  await page.waitForLoadState('networkidle');
  expect(await page.evaluate(() => (window as { pwned?: unknown }).pwned)).toBeUndefined();
  const told = await page.getByRole('alert').allTextContents();
  expect(told.filter((text) => /stopped working|Could not load/.test(text))).toEqual([]);
  expect(await page.locator('img[src="x"]').count()).toBe(0);
  const text = await page.locator('body').innerText();
  expect(text).not.toMatch(/\[object|undefined|NaN/);
}

/** What a button downloads. */
async function downloaded(page: Page, button: string): Promise<Download> {
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: button, exact: true }).click(),
  ]);
  // A file is kept where its reader keeps files, whatever its batch is called.
  expect(file.suggestedFilename()).not.toMatch(/[/\\\u202e<>:"|?*]/);
  return file;
}

const wordsOfPdf = async (file: Download): Promise<string> =>
  execFileSync('pdftotext', ['-raw', await file.path(), '-'], { encoding: 'utf8' });

/** No cell of a CSV is a formula, whatever separates its cells where it is opened. */
function expectNoFormula(csv: string): void {
  for (const cell of csv.split(/[,;|\t\r\n]/))
    expect(cell).not.toMatch(/^[\s"\u200b\ufeff]*[=＝@＠＋－]/);
}

test('hostile text is text on every screen, on paper and in every file', async ({
  page,
  kettle,
}) => {
  test.setTimeout(480_000);
  await page.route(/evil\.example/, () => {
    throw new Error('Something was fetched from elsewhere');
  });
  await kettle.setUpKitchen();
  for (const text of some(TEXTS)) {
    const { batch, cook, past, day } = await written(kettle, text);
    await page.goto(`${kettle.address}/batches`);
    await isSound(page);
    // It is shown as it was written.
    await expect(page.getByText(batch.name).first()).toBeVisible();
    for (const path of [
      '/recipes',
      '/kitchen',
      '/days',
      `/days/${day}`,
      `/days/${day}/hands/0`,
      '/stove',
      `/batches/${batch.id}/stove`,
      `/cook-sessions/${cook.id}`,
      '/book',
      '/book/knows',
      '/book/charts',
      `/book/${past}`,
    ]) {
      await go(page, path);
      await isSound(page);
    }

    await go(page, `/batches/${batch.id}`);
    for (const tab of ['Methods', 'Less sugar', 'Measurements', 'Save & share']) {
      await page.getByRole('tab', { name: tab, exact: true }).click();
      await isSound(page);
    }
    const csv = await downloaded(page, 'Spreadsheet (CSV)');
    expectNoFormula(await readFile(await csv.path(), 'utf8'));
    await page.getByLabel('Import a recipe').setInputFiles(await csv.path());
    await isSound(page);
    const recipe = await downloaded(page, 'Recipe (JSON-LD)');
    expect(JSON.parse(await readFile(await recipe.path(), 'utf8'))).toMatchObject({
      name: batch.name,
    });
    await downloaded(page, 'Plain text');

    await go(page, `/batches/${batch.id}/prepare`);
    await isSound(page);
    const sheet = await wordsOfPdf(await downloaded(page, 'PDF'));
    expect(sheet).toContain('sugar');

    await go(page, `/cook-sessions/${cook.id}/jars`);
    await isSound(page);
    await page.getByRole('button', { name: 'Labels…' }).click();
    for (const [field, most] of [
      ['Name on the label', 60],
      ['A line of your own', 60],
      ['To', 60],
      ['From', 60],
    ] as const)
      await page.getByLabel(field, { exact: true }).fill(text.slice(0, most));
    const design = page.getByRole('dialog').locator('select').nth(1);
    const designs = await design.locator('option').allTextContents();
    expect(designs.length).toBeGreaterThan(3);
    for (const label of designs) {
      await design.selectOption({ label });
      await expect(page.locator('canvas[data-drawn=true]')).toBeVisible();
      await wordsOfPdf(await downloaded(page, 'Download'));
    }
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Show entry…' }).click();
    await page.getByLabel('Exhibitor').fill(text.slice(0, 60));
    await page.getByLabel('Class').fill(text.slice(0, 60));
    await wordsOfPdf(await downloaded(page, 'Download'));
    await isSound(page);
  }
});
