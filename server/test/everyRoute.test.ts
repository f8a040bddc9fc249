import { may, ROLES, type Right, type Role } from '@idle-kettle/contract';
import { randomUUID } from 'node:crypto';
import { Client } from 'pg';
import { documentOf } from '../openapi.ts';
import { hashOf, writeToken } from '../identity/secrets.ts';
import { servedHome, type Browser } from './homeDoor.ts';
import { PLUM } from './servedApi.ts';

const { api, app, browser, keeper, invited, databaseUrl } = servedHome();

/** What every route needs: one that is missing here, or says another need, fails. */
const NEEDS: { readonly [route: string]: Right | 'open' } = {
  'get /health': 'open',
  'get /health/time': 'open',
  'get /who': 'open',
  'post /sign-up': 'open',
  'post /sign-in': 'open',
  'post /sign-in/passkey/options': 'open',
  'post /sign-in/passkey': 'open',
  'get /join/{code}': 'open',
  'post /join': 'open',
  'post /devices/pair': 'open',
  'post /sign-out': 'own',
  'put /members/{id}/passphrase': 'own',
  'get /members/{id}/sessions': 'own',
  'delete /members/{id}/sessions': 'own',
  'delete /members/{id}/sessions/{session}': 'own',
  'get /passkeys': 'own',
  'post /passkeys/options': 'own',
  'post /passkeys': 'own',
  'delete /passkeys/{id}': 'own',
  'get /members': 'look',
  'put /members/{id}/role': 'people',
  'delete /members/{id}': 'people',
  'get /invites': 'people',
  'post /invites': 'people',
  'delete /invites/{id}': 'people',
  'get /audit': 'people',
  'get /devices': 'look',
  'post /devices/readings': 'read',
  'delete /devices/{id}': 'people',
  'post /cook-sessions/{id}/pairing-code': 'cook',
  'put /cook-sessions/{id}/devices/{device}': 'cook',
  'get /kitchen': 'look',
  'put /kitchen': 'kitchen',
  'patch /kitchen': 'kitchen',
  'post /kitchen/names': 'kitchen',
  'delete /kitchen/names/{name}': 'kitchen',
  'get /batches': 'look',
  'post /batches': 'cook',
  'get /batches/deleted': 'look',
  'get /batches/{id}': 'look',
  'put /batches/{id}': 'cook',
  'delete /batches/{id}': 'remove',
  'post /batches/{id}/done': 'cook',
  'delete /batches/{id}/done': 'cook',
  'post /batches/{id}/restore': 'remove',
  'get /recipes': 'look',
  'post /recipes': 'cook',
  'get /recipes/{id}': 'look',
  'delete /recipes/{id}': 'remove',
  'post /recipes/{id}/versions': 'cook',
  'post /recipes/{id}/restore': 'remove',
  'get /book': 'look',
  'get /book/home': 'look',
  'get /book/charts': 'look',
  'get /book/knowledge': 'look',
  'post /book/knowledge/forget': 'kitchen',
  'get /book/export': 'look',
  'get /book/export.csv': 'look',
  'post /book/import': 'kitchen',
  'get /trouble/{id}': 'look',
  'get /book/recipes/{id}': 'look',
  'get /book/{id}': 'look',
  'put /book/{id}/outcome': 'cook',
  'post /book/{id}/photos/{photo}': 'cook',
  'get /photos/{id}': 'look',
  'delete /photos/{id}': 'cook',
  'get /days': 'look',
  'post /days': 'cook',
  'get /days/{id}': 'look',
  'put /days/{id}': 'cook',
  'delete /days/{id}': 'cook',
  'get /days/{id}/calendar.ics': 'look',
  'get /today': 'look',
  'get /shelf': 'look',
  'get /jars/{code}': 'look',
  'get /cook-sessions/{id}/jars': 'look',
  'post /jar-events': 'cook',
  'get /fruit': 'look',
  'post /fruit': 'cook',
  'post /fruit/{id}/used': 'cook',
  'delete /fruit/{id}/used': 'cook',
  'get /feed': 'look',
  'post /feed': 'own',
  'delete /feed': 'own',
  'get /feeds/{file}': 'open',
  'post /plan': 'look',
  'post /read': 'look',
  ...ofCooks('/cook-sessions'),
  // The name of an earlier day.
  ...ofCooks('/cooks'),
};

function ofCooks(at: string): { readonly [route: string]: Right } {
  return {
    [`get ${at}`]: 'look',
    [`post ${at}`]: 'cook',
    [`get ${at}/{id}`]: 'look',
    [`put ${at}/{id}/speed`]: 'cook',
    [`post ${at}/{id}/end`]: 'cook',
    [`get ${at}/{id}/pot`]: 'look',
    [`get ${at}/{id}/log`]: 'look',
    [`post ${at}/{id}/log`]: 'cook',
    [`get ${at}/{id}/live`]: 'look',
  };
}

type Method = 'get' | 'post' | 'put' | 'patch' | 'delete';
type Route = { readonly method: Method; readonly path: string; readonly need: Right | 'open' };

const METHODS: readonly Method[] = ['get', 'post', 'put', 'patch', 'delete'];
let routes: readonly Route[];
const members = new Map<Role, Browser>();
/** Somebody of another household of the same installation, with things of theirs. */
let other: { readonly page: Browser; readonly ids: { readonly [name: string]: string } };

beforeAll(async () => {
  const ann = await keeper();
  members.set('keeper', ann);
  members.set('helper', await invited(ann, 'helper', 'Ben'));
  members.set('viewer', await invited(ann, 'viewer', 'Vera'));
  other = await anotherHousehold();
  routes = Object.entries(documentOf(app()).paths).flatMap(([full, item]) =>
    METHODS.filter((method) => item[method] !== undefined).map((method) => {
      const path = full.replace(/^\/api/, '');
      const need = NEEDS[`${method} ${path}`];
      if (need === undefined) throw new Error(`${method} ${path} is not in the table`);
      return { method, path, need };
    }),
  );
});

async function anotherHousehold(): Promise<typeof other> {
  const client = new Client({ connectionString: databaseUrl() });
  await client.connect();
  const one = async (sql: string, values: readonly unknown[]) =>
    (await client.query<{ id: string }>(`${sql} RETURNING id`, [...values])).rows[0]?.id ?? '';
  const home = await one('INSERT INTO households (name) VALUES ($1)', ['Valley House']);
  await client.query(
    `INSERT INTO kitchens (household_id, name, units, temperature, altitude_unit, school)
     VALUES ($1, 'Theirs', 'us', 'F', 'ft', 'ten-minute')`,
    [home],
  );
  const member = await one(
    `INSERT INTO members (household_id, name, role) VALUES ($1, 'Zoe', 'keeper')`,
    [home],
  );
  const secret = 'zoe-secret-of-the-other-household-0123456789';
  await client.query(
    `INSERT INTO member_sessions (household_id, member_id, secret_hash, browser, until)
     VALUES ($1, $2, $3, 'test', now() + interval '1 day')`,
    [home, member, hashOf(secret)],
  );
  const page = browser();
  page.cookie = `__Host-kettle=${secret}`;
  page.token = writeToken(secret);
  const made = async (path: string, body: object) =>
    ((await page.ask('post', path, body).expect(201)).body as { id: string }).id;
  const batch = await made('/batches', PLUM);
  const recipe = await made('/recipes', PLUM);
  const cook = await made('/cook-sessions', { id: randomUUID(), batchId: batch });
  const day = await made('/days', { ...SHEET, batches: [{ batchId: batch }] });
  const invite = await made('/invites', { role: 'helper', who: 'person' });
  const device = await one(
    `INSERT INTO devices (household_id, name, kind, secret_hash) VALUES ($1, 'Theirs', 'probe', $2)`,
    [home, hashOf('theirs')],
  );
  const passkey = await one(
    `INSERT INTO passkeys (household_id, member_id, credential_id, public_key, counter, browser)
     VALUES ($1, $2, 'theirs', '', 0, 'test')`,
    [home, member],
  );
  const photo = await one(
    `INSERT INTO photos (id, household_id, session_id, width, height, jpeg, small, by_kind)
     VALUES (gen_random_uuid(), $1, $2, 1, 1, '', '', 'member')`,
    [home, cook],
  );
  await client.end();
  return {
    page,
    ids: {
      batches: batch,
      recipes: recipe,
      cook,
      day,
      invites: invite,
      device,
      member,
      passkey,
      photo,
    },
  };
}

const TEXT: { readonly [part: string]: string } = { '{code}': 'x'.repeat(43), '{name}': 'Nobody' };

/** A path with what stands in braces filled in: ids of nothing, or of another household. */
const filled = (path: string, id: string = randomUUID()): string =>
  path.replace(/\{\w+\}/g, (part) => TEXT[part] ?? id);

/** A body that is right for some routes and wrong for others: none of them may get so far. */
const BODY = { ...PLUM, version: 1 };

/** A day without any batch. */
const SHEET = {
  name: 'Theirs',
  from: '2026-09-12T07:00:00.000Z',
  people: [],
  burners: [],
  slowCookers: [],
  canners: [],
  breaks: [],
  batches: [],
  ticks: [],
};

test('every route of the document is in the table, and nothing else', () => {
  expect(routes.map(({ method, path }) => `${method} ${path}`).sort()).toEqual(
    Object.keys(NEEDS).sort(),
  );
});

test('none answers without a session over the network, but those that are open', async () => {
  for (const { method, path, need } of routes) {
    const { status } = await browser().ask(method, filled(path), method === 'get' ? undefined : {});
    const told = `${method} ${path}: ${status === 401 ? 'refused' : 'open'}`;
    expect(told).toBe(`${method} ${path}: ${need === 'open' ? 'open' : 'refused'}`);
  }
});

test.each(ROLES)('a %s may what its role may on every route, and nothing else', async (role) => {
  const page = members.get(role)!;
  for (const { method, path, need } of routes) {
    // It would end the session, or go on for ever.
    if (need === 'open' || path === '/sign-out' || path.endsWith('/live')) continue;
    const { status } = await page.ask(method, filled(path), method === 'get' ? undefined : BODY);
    expect(`${method} ${path}: ${status === 403}`).toBe(`${method} ${path}: ${!may(role, need)}`);
  }
});

test('every write refuses a foreign origin, and one that comes without its token', async () => {
  const page = members.get('keeper')!;
  for (const { method, path, need } of routes.filter((route) => route.method !== 'get')) {
    const ask = () => page.ask(method, filled(path), BODY);
    const foreign = await ask().set('Origin', 'https://evil.test');
    expect(`${method} ${path}: ${foreign.status}`).toBe(`${method} ${path}: 403`);
    if (need === 'open' || need === 'read') continue;
    const without = await ask().set('X-Kettle-Token', '');
    expect(`${method} ${path}: ${without.status}`).toBe(`${method} ${path}: 401`);
  }
});

/** What of the other household stands in a path. */
const THEIRS: readonly (readonly [RegExp, string])[] = [
  [/^\/batches\//, 'batches'],
  [/^\/recipes\//, 'recipes'],
  [/^\/cook(?:-session)?s\//, 'cook'],
  [/^\/members\//, 'member'],
  [/^\/devices\//, 'device'],
  [/^\/passkeys\//, 'passkey'],
  [/^\/book\/\{id\}/, 'cook'],
  [/^\/photos\//, 'photo'],
  [/^\/days\//, 'day'],
];

test('no route answers or changes what is another household’s', async () => {
  const page = members.get('keeper')!;
  const { ids } = other;
  const see = async () =>
    JSON.stringify(
      await Promise.all(
        [
          `/batches/${ids['batches']}`,
          `/recipes/${ids['recipes']}`,
          `/cook-sessions/${ids['cook']}`,
        ]
          .concat('/members', '/invites', '/devices', '/passkeys', '/batches', '/kitchen')
          .map(async (path) => (await other.page.ask('get', path).expect(200)).body as unknown),
      ),
    );
  // Their plan is worked out first, so that nothing of theirs changes by itself.
  for (let before = ''; ;) {
    const now = await see();
    if (now === before && now.includes('"plan":{')) break;
    before = now;
    await new Promise((resolve) => setTimeout(resolve, 300));
  }
  const before = await see();
  const tried = routes.filter(({ path }) => path.includes('{') && !path.startsWith('/kitchen'));
  for (const { method, path } of tried) {
    const of = THEIRS.find(([pattern]) => pattern.test(path))?.[1];
    if (of === undefined) continue;
    const body = path.endsWith('/log')
      ? { entries: [{ source: 'browser x', seq: 1, at: Date.now(), kind: 'lit' }] }
      : path.endsWith('/role')
        ? { role: 'viewer' }
        : path.endsWith('/passphrase')
          ? { passphrase: 'velvet-otter-ladder-94' }
          : path.endsWith('/speed')
            ? { speed: 2 }
            : path.endsWith('/versions')
              ? PLUM
              : path.endsWith('/outcome')
                ? { version: 0 }
                : path.startsWith('/days/')
                  ? SHEET
                  : BODY;
    const { status } = await page.ask(
      method,
      filled(path, ids[of]),
      method === 'get' ? undefined : body,
    );
    expect(`${method} ${path}: ${status}`).toBe(`${method} ${path}: 404`);
  }
  await page.ask('delete', `/invites/${ids['invites']}`).expect(204);
  // Nor does a new thing under an id of theirs get to it.
  await page.ask('post', '/batches', { ...PLUM, name: 'Mine', id: ids['batches'] }).expect(404);
  await page.ask('post', '/recipes', { ...PLUM, name: 'Mine', id: ids['recipes'] }).expect(404);
  await page
    .ask('post', '/cook-sessions', { id: ids['cook'], batchId: ids['batches'] })
    .expect(404);
  expect(await see()).toBe(before);
});

test('at the machine itself everything is the keeper’s of its household, and no other’s', async () => {
  await api().get('/api/batches').expect(200);
  await api().get(`/api/batches/${other.ids['batches']}`).expect(404);
  await api().get('/api/docs').expect(200);
  await members.get('keeper')!.ask('get', '/docs').expect(403);
});
