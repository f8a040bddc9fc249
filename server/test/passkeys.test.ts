import type { AuditEvent, Passkey, SignedIn, Who } from '@idle-kettle/contract';
import type {
  PublicKeyCredentialCreationOptionsJSON,
  PublicKeyCredentialRequestOptionsJSON,
} from '@simplewebauthn/server';
import { Authenticator } from './authenticator.ts';
import { NAME, PASSPHRASE, servedHome, type Browser } from './homeDoor.ts';
import { expectProblem } from './servedApi.ts';

const { api, browser, keeper, invited, home } = servedHome();
const HERE = { origin: `https://${NAME}` };
const OPTIONS = '/sign-in/passkey/options';

let ann: Browser;
let ben: Browser;
beforeAll(async () => {
  ann = await keeper();
  ben = await invited(ann, 'helper', 'Ben');
});

const wish = async (page: Browser): Promise<PublicKeyCredentialCreationOptionsJSON> =>
  (await page.ask('post', '/passkeys/options', { passphrase: PASSPHRASE }).expect(200))
    .body as PublicKeyCredentialCreationOptionsJSON;
const question = async (page: Browser): Promise<PublicKeyCredentialRequestOptionsJSON> =>
  (await page.ask('post', OPTIONS).expect(200)).body as PublicKeyCredentialRequestOptionsJSON;
const passkeysOf = async (page: Browser): Promise<Passkey[]> =>
  (await page.ask('get', '/passkeys').expect(200)).body as Passkey[];

/** A phone with a passkey of somebody. */
async function phoneOf(page: Browser): Promise<Authenticator> {
  const phone = new Authenticator();
  const answer = phone.make(await wish(page), HERE);
  await page.ask('post', '/passkeys', { answer }).expect(204);
  return phone;
}

test('a passkey is made after the passphrase, signs in without it, and is gone when removed', async () => {
  const phone = await phoneOf(ann);
  const [made] = await passkeysOf(ann);
  expect(made?.usedAt).toBeNull();
  const page = browser();
  const who = await page.enter('/sign-in/passkey', {
    answer: phone.answer(await question(page), HERE),
  });
  expect(who).toMatchObject({ member: { name: 'Ann' }, role: 'keeper', door: 'home' });
  expect((await passkeysOf(page))[0]?.usedAt).not.toBeNull();
  const audit = (await ann.ask('get', '/audit').expect(200)).body as AuditEvent[];
  expect(audit.map(({ what }) => what)).toEqual(
    expect.arrayContaining(['passkey-added', 'signed-in']),
  );
  await ann.ask('delete', `/passkeys/${made?.id ?? ''}`).expect(204);
  expect(await passkeysOf(ann)).toEqual([]);
  const late = browser();
  const answer = phone.answer(await question(late), HERE);
  expectProblem(await late.ask('post', '/sign-in/passkey', { answer }).expect(400), 400);
});

test('nobody makes one who does not say the passphrase, and guesses are counted', async () => {
  const cleo = await invited(ann, 'helper', 'Cleo');
  for (let tries = 0; tries < 4; tries += 1)
    await cleo.ask('post', '/passkeys/options', { passphrase: 'not the right one' });
  const answer = await cleo.ask('post', '/passkeys/options', { passphrase: PASSPHRASE });
  expectProblem(answer, 429);
});

test.each<[what: string, how: Parameters<Authenticator['answer']>[1]]>([
  ['a page of another site', { origin: 'https://kettle.evil' }],
  ['a page of the same name without https', { origin: `http://${NAME}` }],
  ['another name', { ...HERE, name: 'kettle.evil' }],
  ['nobody’s finger', { ...HERE, verified: false }],
  ['somebody else’s handle', { ...HERE, userHandle: 'c29tZWJvZHkgZWxzZQ' }],
])('an answer by %s signs nobody in', async (_, how) => {
  const phone = await phoneOf(ben);
  const page = browser();
  const answer = phone.answer(await question(page), how);
  const problem = expectProblem(
    await page.ask('post', '/sign-in/passkey', { answer }).expect(400),
    400,
  );
  expect(problem.faults.map(({ field }) => field)).toEqual(['answer']);
  await page.ask('get', '/batches').expect(401);
});

test.each<[what: string, how: Parameters<Authenticator['make']>[1]]>([
  ['a page of another site', { origin: 'https://kettle.evil' }],
  ['another name', { ...HERE, name: 'kettle.evil' }],
  ['nobody’s finger', { ...HERE, verified: false }],
])('a passkey made by %s is not kept', async (_, how) => {
  const had = await passkeysOf(ben);
  const answer = new Authenticator().make(await wish(ben), how);
  expectProblem(await ben.ask('post', '/passkeys', { answer }).expect(400), 400);
  expect(await passkeysOf(ben)).toEqual(had);
});

test('an answer is taken once, and one to nobody’s question or to another’s is not', async () => {
  const phone = await phoneOf(ben);
  const page = browser();
  const answer = phone.answer(await question(page), HERE);
  await page.ask('post', '/sign-in/passkey', { answer }).expect(200);
  await page.ask('post', '/sign-in/passkey', { answer }).expect(400);
  const invented = phone.answer({ challenge: 'aW52ZW50ZWQ', rpId: NAME }, HERE);
  await page.ask('post', '/sign-in/passkey', { answer: invented }).expect(400);
  // What Ben was asked to make a passkey by is no question to sign in by, and none for Ann.
  const asked = await wish(ben);
  const toAsked = phone.answer({ challenge: asked.challenge, rpId: NAME }, HERE);
  await page.ask('post', '/sign-in/passkey', { answer: toAsked }).expect(400);
  const forAnn = new Authenticator().make(asked, HERE);
  await ann.ask('post', '/passkeys', { answer: forAnn }).expect(400);
  // Ann’s phone does not take over what Ben’s has.
  const again = phone.make(await wish(ann), HERE);
  await ann.ask('post', '/passkeys', { answer: again }).expect(400);
});

test('of twenty that send one answer at once, one is signed in', async () => {
  const phone = await phoneOf(ben);
  const page = browser();
  const answer = phone.answer(await question(page), HERE);
  const codes = await Promise.all(
    Array.from(
      { length: 20 },
      async () => (await browser().ask('post', '/sign-in/passkey', { answer })).status,
    ),
  );
  expect(codes.filter((code) => code === 200)).toHaveLength(1);
});

test('a copy of a phone that lags behind its count is refused', async () => {
  const phone = await phoneOf(ben);
  const page = browser();
  const first = phone.answer(await question(page), HERE);
  await page.ask('post', '/sign-in/passkey', { answer: first }).expect(200);
  phone.forgetUse();
  const copied = phone.answer(await question(page), HERE);
  await page.ask('post', '/sign-in/passkey', { answer: copied }).expect(400);
});

test.each([
  {},
  { id: 7 },
  { id: 'x'.repeat(5000), response: { clientDataJSON: 'e30' } },
  { id: 'a', response: null },
  { id: 'a', response: { clientDataJSON: 'bm90IGpzb24' } },
  { id: 'a', response: { clientDataJSON: 'eyJjaGFsbGVuZ2UiOjd9' } },
  { id: 'a', response: { clientDataJSON: 'eyJjaGFsbGVuZ2UiOiIvL1x1MDAwMCJ9' } },
])('an answer that no browser gives is refused: %#', async (answer) => {
  await browser().ask('post', '/sign-in/passkey', { answer }).expect(400);
  await ann.ask('post', '/passkeys', { answer }).expect(400);
});

test('a tablet has no passkey, nor has the machine itself, nor a kitchen asked by number', async () => {
  const { code } = (
    await ann.ask('post', '/invites', { role: 'helper', who: 'tablet' }).expect(201)
  ).body as { code: string };
  const tablet = browser();
  await tablet.enter('/join', { code, name: 'Tablet by the hob' });
  await tablet.ask('post', '/passkeys/options', { passphrase: PASSPHRASE }).expect(403);
  await api().post('/api/passkeys/options').send({ passphrase: PASSPHRASE }).expect(403);
  await api().post(`/api${OPTIONS}`).expect(403);
  expect((await api().get('/api/passkeys').expect(200)).body).toEqual([]);
  expect(home().names).toEqual([NAME]);
});

test('somebody who was removed has no passkey any more; others are not theirs to remove', async () => {
  const dan = await invited(ann, 'helper', 'Dan');
  const phone = await phoneOf(dan);
  const [his] = await passkeysOf(dan);
  await ann.ask('delete', `/passkeys/${his?.id ?? ''}`).expect(404);
  const { member } = (await dan.ask('get', '/who').expect(200)).body as Who;
  const open = (await dan.ask('get', `/members/${member?.id ?? ''}/sessions`)).body as SignedIn[];
  expect(open.length).toBeGreaterThan(0);
  await ann.ask('delete', `/members/${member?.id ?? ''}`).expect(204);
  const page = browser();
  const answer = phone.answer(await question(page), HERE);
  await page.ask('post', '/sign-in/passkey', { answer }).expect(400);
});
