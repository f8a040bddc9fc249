import { createServer } from 'node:net';
import { setTimeout as pause } from 'node:timers/promises';

/**
 * Whether nothing listens on that loopback port.
 * @param {number} port
 * @returns {Promise<boolean>}
 */
export const isFree = (port) =>
  new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, '127.0.0.1', () => probe.close(() => resolve(true)));
  });

/** A loopback port that nothing listens on. @returns {Promise<number>} */
export const freePort = () =>
  new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once('error', reject);
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address();
      const port = typeof address === 'object' && address !== null ? address.port : 0;
      probe.close(() => resolve(port));
    });
  });

/**
 * The wanted port when it is free, or becomes so within two seconds; else another.
 * @param {number} wanted
 */
export async function portNear(wanted) {
  for (let tries = 0; tries < 20; tries++) {
    if (await isFree(wanted)) return wanted;
    await pause(100);
  }
  return freePort();
}
