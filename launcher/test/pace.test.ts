import { readdirSync, readlinkSync, realpathSync } from 'node:fs';
import { join } from 'node:path';
import { dropStates, namesAgain, newState, save, start, stopAny } from './running.ts';

// Counts seconds: run by itself.
jest.setTimeout(180_000);

afterEach(stopAny);
afterAll(dropStates);

test('a database that is paused is told within five seconds, and goes on where it stopped', async () => {
  const state = newState();
  const { address } = await start(state);
  await save(address);
  const data = realpathSync(join(state, 'own/pg'));
  const all = readdirSync('/proc').filter((pid) => {
    try {
      return /^\d+$/.test(pid) && readlinkSync(`/proc/${pid}/cwd`) === data;
    } catch {
      return false;
    }
  });
  expect(all.length).toBeGreaterThan(1);
  for (const pid of all) process.kill(Number(pid), 'SIGSTOP');
  try {
    for (const path of ['/api/batches', '/api/kitchen', '/api/health']) {
      const from = Date.now();
      const { status } = await fetch(`${address}${path}`);
      expect([path, status]).toEqual([path, 503]);
      expect(Date.now() - from).toBeLessThan(5000);
    }
    expect((await fetch(`${address}/api/health/time`)).status).toBe(200);
  } finally {
    for (const pid of all) process.kill(Number(pid), 'SIGCONT');
  }
  expect(await namesAgain(address)).toEqual(['Plum']);
});
