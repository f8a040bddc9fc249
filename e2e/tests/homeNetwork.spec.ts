/// <reference lib="dom" />
import type { CookSession, LiveMessage, Who } from '@idle-kettle/contract';
import type { Page } from '@playwright/test';
import { HomeNetwork } from '../homeNetwork.ts';
import { cookOfBatch, expect, test } from '../kitchen.ts';

const TABLE = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };
const PASSPHRASE = 'velvet-otter-ladder-94';

const button = (page: Page, name: string | RegExp) =>
  page.getByRole('button', { name, exact: true });

let home: HomeNetwork;
test.beforeAll(async () => {
  home = await HomeNetwork.open();
  await home.server.setUpKitchen();
});
test.afterAll(() => home.close());

test.describe.configure({ timeout: 480_000 });

/** Takes an invitation on a device. */
async function join(page: Page, address: string, name: string): Promise<void> {
  await page.goto(address);
  await page.getByRole('textbox', { name: 'What are you called?' }).fill(name);
  await page.getByLabel('Passphrase', { exact: true }).fill(PASSPHRASE);
  await button(page, 'Join this household').click();
  await expect(page.getByRole('link', { name: 'Batches' })).toBeVisible();
}

test('keeper at the table, helper on a phone: one cook over https, through a dead server', async () => {
  // At the machine itself: the household is named, and has a keeper.
  const machine = await home.device(TABLE);
  await machine.page.goto(`${home.server.address}/household`);
  await machine.page.getByLabel('What is the household called?').fill('Hill House');
  await machine.page.getByLabel('What are you called?').fill('Ann');
  await machine.page.getByLabel('Passphrase', { exact: true }).fill('password12');
  await expect(machine.page.getByText(/^Guessed /)).toBeVisible();
  await button(machine.page, 'Become its keeper').click();
  await expect(machine.page.getByText('That is guessed too soon.')).toBeVisible();
  await machine.page.getByLabel('Passphrase', { exact: true }).fill(PASSPHRASE);
  await button(machine.page, 'Become its keeper').click();
  await expect(machine.page.getByRole('heading', { name: 'Hill House' })).toBeVisible();

  // The keeper signs in at the table over the network, and invites a helper with a code.
  const table = await home.device(TABLE);
  await table.page.goto(home.address);
  await table.page.getByLabel('Name').fill('ann');
  await table.page.getByLabel('Passphrase', { exact: true }).fill(PASSPHRASE);
  await table.page.keyboard.press('Enter');
  await table.page.getByRole('link', { name: 'Household' }).click();
  await button(table.page, 'Make an invitation').click();
  const invitation = (await table.page.getByTestId('invite-address').textContent()) ?? '';
  expect(invitation).toMatch(new RegExp(`^${home.address}/join/[\\w-]{43}$`));
  await expect(table.page.getByRole('img', { name: 'Scan this with the phone' })).toBeVisible();

  const phone = await home.device(PHONE);
  await join(phone.page, invitation, 'Ben');
  // What a phone by the stove needs is there.
  expect(
    await phone.page.evaluate(() => [
      isSecureContext,
      'serviceWorker' in navigator,
      'wakeLock' in navigator,
      typeof crypto.randomUUID,
      'vibrate' in navigator,
    ]),
  ).toEqual([true, true, true, 'function', true]);
  await expect
    .poll(() => phone.page.evaluate(async () => (await navigator.serviceWorker.ready).scope), {
      timeout: 30_000,
    })
    .toBe(`${home.address}/`);

  const { id } = await cookOfBatch(home.server);
  for (const { page } of [table, phone]) {
    await page.goto(`${home.address}/cook-sessions/${id}`);
    await expect(page.getByTestId('delivery')).toHaveText('All saved');
  }
  const next = (page: Page) => page.getByTestId('next-act');
  await button(table.page, 'Burner is on').click();
  await expect(next(phone.page)).toHaveText('Bring to the boil, lid on');
  await button(phone.page, 'It’s boiling').click();
  await expect(next(table.page)).toHaveText('Soften the fruit, lid on');
  await expect(table.page.getByText('by Ben')).toBeVisible();
  await expect(phone.page.getByText('by Ann')).toBeVisible();

  await home.server.stop('SIGKILL');
  await button(phone.page, 'Stirred').click();
  await expect(phone.page.getByTestId('delivery')).not.toHaveText('All saved');
  await phone.page.reload();
  await button(table.page, 'Stirred').click();
  await home.server.start();
  for (const { page } of [table, phone])
    await expect(page.getByTestId('delivery')).toHaveText('All saved', { timeout: 60_000 });
  const { entries } = await home.server.send<LiveMessage>('GET', `/cook-sessions/${id}/log`);
  const members = await home.server.send<{ id: string; name: string }[]>('GET', '/members');
  const by = (of: string | null) => members.find((member) => member.id === of)?.name;
  expect(
    entries.map((entry) => `${entry.kind} ${by(entry.by?.id ?? null) ?? '?'}`).toSorted(),
  ).toEqual(['lit Ann', 'rolling Ben', 'stirred Ann', 'stirred Ben']);

  // Signed out everywhere by the keeper, the phone is asked to sign in, and keeps nothing open.
  await table.page.goto(`${home.address}/household`);
  await button(table.page, 'Sign Ben out everywhere').click();
  await expect(phone.page.getByRole('heading', { name: 'Sign in' })).toBeVisible({
    timeout: 60_000,
  });
  const cook = await home.server.send<CookSession>('GET', `/cook-sessions/${id}`);
  expect(cook.endedAt).toBeNull();
  for (const { complaints } of [machine, table])
    expect(
      complaints.filter((what) => !/Failed to load|ERR_CONNECTION|status of 4/.test(what)),
    ).toEqual([]);
});

test('a finger signs in instead of the passphrase, on the device where a passkey was made', async () => {
  const { signUp } = await home.server.send<Who>('GET', '/who');
  const ann = { household: 'Hill House', name: 'Ann', passphrase: PASSPHRASE };
  if (signUp) await home.server.send('POST', '/sign-up', ann);
  const { page, context, complaints } = await home.device(PHONE);
  const finger = await context.newCDPSession(page);
  await finger.send('WebAuthn.enable');
  const { authenticatorId } = await finger.send('WebAuthn.addVirtualAuthenticator', {
    options: {
      protocol: 'ctap2',
      transport: 'internal',
      hasResidentKey: true,
      hasUserVerification: true,
      isUserVerified: true,
      automaticPresenceSimulation: true,
    },
  });
  await page.goto(home.address);
  await page.getByLabel('Name').fill('Ann');
  await page.getByLabel('Passphrase', { exact: true }).fill(PASSPHRASE);
  await button(page, 'Sign in').click();
  await page.getByRole('link', { name: 'Household' }).click();
  await expect(page.getByText('None yet.')).toBeVisible();
  await button(page, 'Add a passkey on this device').click();
  await page.getByLabel('Passphrase', { exact: true }).fill('not the right one');
  await page.keyboard.press('Enter');
  await expect(page.getByText('That name and passphrase do not go together.')).toBeVisible();
  await page.getByLabel('Passphrase', { exact: true }).fill(PASSPHRASE);
  await page.keyboard.press('Enter');
  await expect(page.getByText('Added. Next time you can sign in with it.')).toBeVisible();
  // The same device is not given a second one.
  await button(page, 'Add a passkey on this device').click();
  await page.getByLabel('Passphrase', { exact: true }).fill(PASSPHRASE);
  await page.keyboard.press('Enter');
  await expect(page.getByText('This device has a passkey for you already.')).toBeVisible();
  await button(page, 'Cancel').click();

  await button(page, 'Sign out').click();
  await button(page, 'Sign in with a passkey').click();
  await expect(page.getByRole('link', { name: 'Batches' })).toBeVisible();
  await page.getByRole('link', { name: 'Household' }).click();
  await expect(page.getByText('You are signed in as Ann, a keeper.')).toBeVisible();
  await button(page, 'Remove this passkey').click();
  await expect(page.getByText('None yet.')).toBeVisible();

  // The device still has its half, and it is of no use; nor is a finger that is not its owner's.
  await button(page, 'Sign out').click();
  await button(page, 'Sign in with a passkey').click();
  await expect(page.getByRole('alert')).toContainText('That passkey is not known here.');
  await finger.send('WebAuthn.setUserVerified', { authenticatorId, isUserVerified: false });
  await button(page, 'Sign in with a passkey').click();
  await expect(page.getByRole('alert')).toContainText('The browser gave no passkey.');
  expect(complaints.filter((what) => !/status of 4/.test(what))).toEqual([]);
});

test('a browser that was not told of the authority does not open the kitchen', async ({
  browser,
}) => {
  const page = await browser.newPage();
  const failed = await page.goto(home.byNumber).catch((error: Error) => error.message);
  expect(failed).toContain('ERR_CERT_AUTHORITY_INVALID');
  await page.close();
});

test('who does not trust the kitchen yet is shown how, in four steps, and nothing else', async () => {
  const { page } = await home.device(PHONE);
  await page.goto(home.trust);
  await expect(page.getByRole('listitem')).toHaveCount(4);
  await expect(page.getByRole('link', { name: home.address })).toBeVisible();
  const answer = await page.request.get(`${home.trust}/idle-kettle.crt`);
  expect(answer.headers()['content-type']).toBe('application/x-x509-ca-cert');
  expect((await page.request.get(`${home.trust}/api/batches`)).headers()['content-type']).toContain(
    'text/html',
  );
});

test('no page of another site puts the kitchen into a frame, and nothing goes without https', async () => {
  const { page } = await home.device(TABLE);
  await page.route('https://evil.test/', (route) =>
    route.fulfill({
      contentType: 'text/html',
      body: `<iframe src="${home.address}/" width="800" height="600"></iframe>`,
    }),
  );
  await page.goto('https://evil.test/').catch(() => undefined);
  const frame = page.frames().find((one) => one !== page.mainFrame());
  expect((await frame?.content()) ?? '').not.toContain('root');
  const plain = await page.request
    .get(home.address.replace('https:', 'http:'), { timeout: 5000 })
    .catch(() => null);
  expect(plain?.ok() ?? false).toBe(false);
});
