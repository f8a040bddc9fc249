import type { Who } from '@idle-kettle/contract';
import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { get } from 'node:https';
import { join } from 'node:path';
import { dropStates, KETTLE, names, newState, save, start, stop, stopAny } from './running.ts';

jest.setTimeout(180_000);

afterEach(stopAny);
afterAll(dropStates);

/** An address of this machine that is not the one it calls itself. */
const ADDRESS = '127.0.0.3';

/** What is answered over https to whoever trusts an authority, and nobody else. */
const ask = (url: string, ca: string): Promise<{ status: number; text: string }> =>
  new Promise((resolve, reject) => {
    get(url, { ca }, (answer) => {
      let text = '';
      answer.setEncoding('utf8').on('data', (more: string) => (text += more));
      answer.on('end', () => resolve({ status: answer.statusCode ?? 0, text }));
    }).on('error', reject);
  });

test('the home network is served over https once there is a keeper, to who trusts it and signs in', async () => {
  const state = newState();
  const first = await start(state);
  await save(first.address);
  const { port } = new URL(first.address);
  await stop();
  const early = spawnSync(KETTLE, ['start', '--home', '--address', ADDRESS, '--port', port], {
    env: { ...process.env, KETTLE_STATE: state },
    encoding: 'utf8',
  });
  expect(early.status).toBe(1);
  expect(early.stderr).toContain('Nobody could sign in yet.');

  const { address } = await start(state);
  const body = { household: 'Hill House', name: 'Ann', passphrase: 'velvet-otter-ladder-94' };
  const signedUp = await fetch(`${address}/api/sign-up`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });
  expect(signedUp.status).toBe(201);
  await stop();

  const home = await start(state, 'start', ['--home', '--address', ADDRESS]);
  // At the machine itself nothing is asked.
  expect(await names(home.address)).toEqual(['Plum']);
  const told = home.said();
  const [, https = '', trust = ''] =
    /On the home network: https:\S+ or (https:\S+)[^]*?(http:\S+)/.exec(told) ?? [];
  expect(https).toContain(ADDRESS);
  const ca = readFileSync(join(state, 'own/home/authority.crt'), 'utf8');
  const who = await ask(`${https}/api/who`, ca);
  expect(JSON.parse(who.text)).toMatchObject({ door: 'home', role: null } satisfies Partial<Who>);
  expect((await ask(`${https}/api/batches`, ca)).status).toBe(401);
  await expect(ask(`${https}/api/who`, '')).rejects.toThrow(/certificate/);
  const steps = await (await fetch(trust)).text();
  expect(steps.match(/<li>/g)).toHaveLength(4);
  const [, fingerprint = ''] = /Fingerprint of its certificate: (\S+)/.exec(told) ?? [];
  expect(steps).toContain(fingerprint);

  // The same authority the next time: phones trust it still.
  await stop();
  const again = await start(state, 'start', ['--home', '--address', ADDRESS]);
  expect(again.said()).toContain(fingerprint);
});

test.each([
  ['--proxy', 'jam.example'],
  ['--address', '192.168.1.2'],
])('%s goes with --home alone', (option, value) => {
  const { status, stderr } = spawnSync(KETTLE, ['start', option, value], { encoding: 'utf8' });
  expect(status).toBe(1);
  expect(stderr).toContain('go with --home');
});
