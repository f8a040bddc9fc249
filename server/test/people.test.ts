import type {
  AuditEvent,
  Batch,
  CookSession,
  Member,
  NewInvite,
  SignedIn,
  Who,
} from '@idle-kettle/contract';
import { randomUUID } from 'node:crypto';
import { servedHome, cookieIn, NAME, PASSPHRASE, type Browser } from './homeDoor.ts';
import { expectProblem, PLUM } from './servedApi.ts';

const { api, browser, keeper, invited, databaseUrl } = servedHome();
let ann: Browser;
let ben: Browser;
let vera: Browser;
beforeAll(async () => {
  await api()
    .post('/api/batches')
    .send({ ...PLUM, name: 'Of before' })
    .expect(201);
  ann = await keeper();
  ben = await invited(ann, 'helper', 'Ben');
  vera = await invited(ann, 'viewer', 'Vera');
});

const membersOf = async (page: Browser): Promise<Member[]> =>
  (await page.ask('get', '/members').expect(200)).body as Member[];
const idOf = async (name: string): Promise<string> =>
  (await membersOf(ann)).find((one) => one.name === name)?.id ?? '';

test('what was there before belongs to the household that signed up first at the machine', async () => {
  const batches = (await ann.ask('get', '/batches').expect(200)).body as Batch[];
  expect(batches.map(({ name }) => name)).toContain('Of before');
  const who = (await api().get('/api/who').expect(200)).body as Who;
  expect(who).toMatchObject({ door: 'loopback', role: 'keeper', signUp: false });
  expect(who.household?.name).toBe('Hill House');
});

test('nobody signs up twice, or from the network', async () => {
  const dto = { household: 'Mine', name: 'Eve', passphrase: PASSPHRASE };
  expectProblem(await api().post('/api/sign-up').send(dto).expect(409), 409);
  expectProblem(await browser().ask('post', '/sign-up', dto).expect(403), 403);
});

test.each(['password12', 'hill house', 'annannannann', 'aaaaaaaaaaaa', 'short'])(
  'the passphrase “%s” is refused, and what would do is said',
  async (passphrase) => {
    const { code } = (
      await ann.ask('post', '/invites', { role: 'helper', who: 'person' }).expect(201)
    ).body as NewInvite;
    const problem = expectProblem(
      await browser().ask('post', '/join', { code, name: 'Ann Annann', passphrase }).expect(400),
      400,
    );
    expect(problem.faults.map(({ field }) => field)).toEqual(['passphrase']);
  },
);

test('a sign-in gives a cookie that only https and this host see, and no script reads', async () => {
  const answer = await browser()
    .ask('post', '/sign-in', { name: 'ANN', passphrase: PASSPHRASE })
    .expect(200);
  const [cookie = ''] = answer.headers['set-cookie'] as unknown as string[];
  expect(cookie).toMatch(/^__Host-kettle=[\w-]{43};/);
  for (const part of ['HttpOnly', 'Secure', 'SameSite=Strict', 'Path=/'])
    expect(cookie).toContain(part);
  expect(cookie).not.toContain('Domain');
});

test('a session that somebody was made to carry is not the one they are signed in under', async () => {
  const page = browser();
  page.cookie = '__Host-kettle=chosen-by-somebody-else-0000000000000000000';
  await page.enter('/sign-in', { name: 'Ben', passphrase: PASSPHRASE });
  expect(page.cookie).not.toContain('chosen-by');
  const before = { cookie: page.cookie, token: page.token };
  await page.enter('/sign-in', { name: 'Ben', passphrase: PASSPHRASE });
  expect(page.cookie).not.toBe(before.cookie);
  const old = browser();
  Object.assign(old, before);
  await old.ask('get', '/batches').expect(401);
});

test('a write needs the token of its session, and a page of this very origin', async () => {
  const { token } = ben;
  ben.token = null;
  expectProblem(await ben.ask('post', '/batches', PLUM).expect(401), 401);
  ben.token = 'A'.repeat(43);
  expectProblem(await ben.ask('post', '/batches', PLUM).expect(401), 401);
  ben.token = ann.token;
  await ben.ask('post', '/batches', PLUM).expect(401);
  ben.token = token;
  await ben.ask('post', '/batches', PLUM).expect(201);
  for (const origin of [`http://${NAME}`, `https://${NAME}:4433`, 'https://evil.test', 'null'])
    await ben.ask('post', '/batches', PLUM).set('Origin', origin).expect(403);
  await ben.ask('get', '/batches').set('Host', 'evil.test').expect(403);
});

test('wrong passphrases wait longer and longer, and hold nobody else up', async () => {
  const thief = browser();
  const guess = (n: number) =>
    thief.ask('post', '/sign-in', { name: 'Ann', passphrase: `guess number ${n}` });
  const answers: number[] = [];
  // Many at once are no more than one after another.
  for (const { status } of await Promise.all(Array.from({ length: 20 }, (_, n) => guess(n))))
    answers.push(status);
  expect(answers.filter((status) => status === 400).length).toBeLessThanOrEqual(4);
  expect(answers.filter((status) => status === 429).length).toBeGreaterThanOrEqual(16);
  const refused = await guess(99);
  expectProblem(refused, 429);
  expect(Number(refused.headers['retry-after'])).toBeGreaterThanOrEqual(1);
  // The right one waits as well, from there; elsewhere, and at the machine, nobody does.
  await thief.ask('post', '/sign-in', { name: 'Ann', passphrase: PASSPHRASE }).expect(429);
  await browser().enter('/sign-in', { name: 'Ann', passphrase: PASSPHRASE });
  await api().get('/api/batches').expect(200);
});

test('a name that nobody has is told no sooner or later than a wrong passphrase', async () => {
  const page = browser();
  const wrong = await page.ask('post', '/sign-in', { name: 'Nobody', passphrase: 'x' }).expect(400);
  const known = await page.ask('post', '/sign-in', { name: 'Vera', passphrase: 'x' }).expect(400);
  expect(wrong.body).toEqual(known.body);
});

test('an invitation lets in one, once, as what it says', async () => {
  const { code } = (
    await ann.ask('post', '/invites', { role: 'viewer', who: 'tablet' }).expect(201)
  ).body as NewInvite;
  const seen = await browser().ask('get', `/join/${code}`).expect(200);
  expect(seen.body).toEqual({ role: 'viewer', who: 'tablet' });
  const [one, other] = [browser(), browser()];
  const answers = await Promise.all([
    one.ask('post', '/join', { code, name: 'Tablet one' }),
    other.ask('post', '/join', { code, name: 'Tablet two' }),
  ]);
  expect(new Set(answers.map(({ status }) => status))).toEqual(new Set([200, 404]));
  await browser().ask('get', `/join/${code}`).expect(404);
  await browser().ask('get', '/join/nonsense').expect(404);
  await ann.ask('post', '/invites', { role: 'keeper', who: 'tablet' }).expect(400);
});

test('a name is had by one, however it is written', async () => {
  const { code } = (
    await ann.ask('post', '/invites', { role: 'helper', who: 'person' }).expect(201)
  ).body as NewInvite;
  const join = (name: string) =>
    browser().ask('post', '/join', { code, name, passphrase: PASSPHRASE });
  expectProblem(await join('BEN').expect(409), 409);
  await join('Dora').expect(200);
});

test('who is signed out everywhere is out at once, and a live view of theirs ends', async () => {
  const page = browser();
  await page.enter('/sign-in', { name: 'Ben', passphrase: PASSPHRASE });
  const { id } = (
    await ben.ask('post', '/cook-sessions', { id: randomUUID(), practice: PRACTICE }).expect(201)
  ).body as CookSession;
  const view = page.ask('get', `/cook-sessions/${id}/live`).buffer(true).timeout(20_000);
  const ends = view.then((answer) => answer.status);
  const list = (await page.ask('get', `/members/${await idOf('Ben')}/sessions`).expect(200))
    .body as SignedIn[];
  expect(list.filter(({ here }) => here)).toHaveLength(1);
  // Whoever is at the machine, or keeps the household, can end it too.
  await new Promise((resolve) => setTimeout(resolve, 500));
  await ann.ask('delete', `/members/${await idOf('Ben')}/sessions`).expect(204);
  await page.ask('get', '/batches').expect(401);
  await ben.ask('get', '/batches').expect(401);
  expect(await ends).toBe(200);
  await ben.enter('/sign-in', { name: 'Ben', passphrase: PASSPHRASE });
});

const PRACTICE = {
  ...PLUM,
  lines: ['1 kg plums', '800 g sugar'],
  fault: 'none',
  seed: 3,
  speed: 1,
};

test('another passphrase signs every other browser out, and a keeper at the machine gives one', async () => {
  const other = browser();
  await other.enter('/sign-in', { name: 'Vera', passphrase: PASSPHRASE });
  const id = await idOf('Vera');
  const next = 'copper-meadow-thimble-31';
  const set = (page: Browser, body: object) => page.ask('put', `/members/${id}/passphrase`, body);
  expectProblem(await set(vera, { passphrase: next, current: 'not it' }).expect(400), 400);
  await set(ben, { passphrase: next, current: PASSPHRASE }).expect(403);
  await set(ann, { passphrase: next }).expect(403);
  await set(vera, { passphrase: next, current: PASSPHRASE }).expect(204);
  await vera.ask('get', '/batches').expect(200);
  await other.ask('get', '/batches').expect(401);
  await api().put(`/api/members/${id}/passphrase`).send({ passphrase: PASSPHRASE }).expect(204);
  await vera.ask('get', '/batches').expect(401);
  await vera.enter('/sign-in', { name: 'Vera', passphrase: PASSPHRASE });
});

test('a household is never left without a keeper', async () => {
  const id = await idOf('Ann');
  expectProblem(await ann.ask('put', `/members/${id}/role`, { role: 'helper' }).expect(409), 409);
  expectProblem(await api().delete(`/api/members/${id}`).expect(409), 409);
  const second = await invited(ann, 'keeper', 'Cora');
  const cora = await idOf('Cora');
  // Two who give each other up at once: one of them stays.
  const answers = await Promise.all([
    ann.ask('put', `/members/${cora}/role`, { role: 'helper' }),
    second.ask('put', `/members/${id}/role`, { role: 'helper' }),
  ]);
  expect(answers.some(({ status }) => status !== 204)).toBe(true);
  const keepers = ((await api().get('/api/members')).body as Member[]).filter(
    ({ role }) => role === 'keeper',
  );
  expect(keepers).toHaveLength(1);
  await api().put(`/api/members/${id}/role`).send({ role: 'keeper' });
  await api().put(`/api/members/${cora}/role`).send({ role: 'helper' });
});

test('who is taken out is out at once, and what they cooked stays', async () => {
  const page = await invited(ann, 'helper', 'Gone');
  const { id } = (await page.ask('post', '/batches', PLUM).expect(201)).body as Batch;
  await ann.ask('delete', `/members/${await idOf('Gone')}`).expect(204);
  await page.ask('get', '/batches').expect(401);
  await ann.ask('get', `/batches/${id}`).expect(200);
});

test('an entry of a log says who made it', async () => {
  const { id } = (
    await ann.ask('post', '/cook-sessions', { id: randomUUID(), practice: PRACTICE }).expect(201)
  ).body as CookSession;
  const at = Date.now();
  const entry = (seq: number) => ({ source: 'browser x', seq, at, kind: 'stirred' });
  await ben.ask('post', `/cook-sessions/${id}/log`, { entries: [entry(1)] }).expect(200);
  await api()
    .post(`/api/cook-sessions/${id}/log`)
    .send({ entries: [entry(2)] })
    .expect(200);
  // Delivered again by somebody else it is the same entry, and theirs who made it.
  await ann.ask('post', `/cook-sessions/${id}/log`, { entries: [entry(1)] }).expect(200);
  const log = await ann.ask('get', `/cook-sessions/${id}/log`).expect(200);
  const by = (log.body as { entries: { source: string; by: unknown }[] }).entries
    .filter(({ source }) => source === 'browser x')
    .map((one) => one.by);
  expect(by).toEqual([
    { kind: 'member', id: await idOf('Ben') },
    { kind: 'machine', id: null },
  ]);
});

test('what matters is noted, with who did it', async () => {
  const { id } = (await ann.ask('post', '/batches', { ...PLUM, name: 'Thrown out' })).body as Batch;
  const settings = { assurance: { testedFormula: 'Leaflet 7', source: null, meterPH: null } };
  for (let save = 0; save < 2; save += 1)
    await ben.ask('post', '/batches', { ...PLUM, name: 'Vouched', settings }).expect(201);
  await ben.ask('delete', `/batches/${id}`).expect(403);
  await ann.ask('delete', `/batches/${id}`).expect(204);
  const events = (await ann.ask('get', '/audit').expect(200)).body as AuditEvent[];
  expect(events[0]).toMatchObject({ what: 'batch-deleted', by: 'Ann', about: 'Thrown out' });
  const confirmed = events.filter(({ what }) => what === 'storage-confirmed');
  expect(confirmed).toMatchObject([{ by: 'Ben', about: 'Vouched: Leaflet 7' }]);
  const kinds = new Set(events.map(({ what }) => what));
  for (const kind of [
    'signed-up',
    'signed-in',
    'sign-in-refused',
    'invited',
    'joined',
    'role-changed',
    'passphrase-changed',
    'signed-out-everywhere',
    'member-removed',
  ])
    expect(kinds).toContain(kind);
  await ben.ask('get', '/audit').expect(403);
});

test('no secret is kept as it is', async () => {
  const { Client } = await import('pg');
  const client = new Client({ connectionString: databaseUrl() });
  await client.connect();
  const { rows } = await client.query<{ all: string }>(
    `SELECT concat((SELECT json_agg(m) FROM members m), (SELECT json_agg(s) FROM member_sessions s),
       (SELECT json_agg(i) FROM invites i), (SELECT json_agg(d) FROM devices d),
       (SELECT json_agg(t) FROM tries t), (SELECT json_agg(a) FROM audit_events a)) AS all`,
  );
  await client.end();
  const all = rows[0]?.all ?? '';
  expect(all).toContain('$argon2id$');
  for (const secret of [PASSPHRASE, cookieIn([ann.cookie]).split('=')[1] ?? '', ann.token ?? ''])
    expect(all).not.toContain(secret);
});
