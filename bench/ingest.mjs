import { randomUUID } from 'node:crypto';
import { ask } from './ask.mjs';

const COOKS = 50;
const SECONDS = 120;

/**
 * Fifty probes that each send a reading every second for two minutes, as fifty kitchens would.
 * @param {string} address of a running server
 * @returns {Promise<import('./measure.mjs').Row[]>}
 */
export async function ingestRows(address) {
  const batch = /** @type {{ id: string }} */ (
    await ask(address, 'POST', '/batches', {
      name: 'Measurements',
      lines: ['2 kg crushed damsons', '1.4 kg sugar'],
    })
  );
  const cooks = await Promise.all(
    Array.from({ length: COOKS }, async () => {
      const id = randomUUID();
      await ask(address, 'POST', '/cook-sessions', { id, batchId: batch.id });
      return id;
    }),
  );
  const taken = /** @type {number[]} */ ([]);
  const start = Date.now();
  await Promise.all(
    cooks.map(async (id, index) => {
      for (let seq = 1; seq <= SECONDS; seq += 1) {
        // Spread over the second, as probes that know nothing of one another are.
        const due = start + (seq - 1) * 1000 + (index * 1000) / COOKS;
        const wait = due - Date.now();
        if (wait > 0) await new Promise((resolve) => setTimeout(resolve, wait));
        const began = performance.now();
        await ask(address, 'POST', `/cook-sessions/${id}/log`, {
          entries: [{ source: 'probe', seq, at: Date.now(), kind: 'temperature', value: 90 }],
        });
        taken.push(performance.now() - began);
      }
    }),
  );
  let kept = 0;
  for (const id of cooks) {
    const log = /** @type {{ entries: { seq: number }[] }} */ (
      await ask(address, 'GET', `/cook-sessions/${id}/log`)
    );
    kept += new Set(log.entries.map(({ seq }) => seq)).size;
    await ask(address, 'POST', `/cook-sessions/${id}/end`);
  }
  await fetch(`${address}/api/batches/${batch.id}`, { method: 'DELETE' });
  const sorted = taken.sort((a, b) => a - b);
  const at = (/** @type {number} */ share) =>
    sorted[Math.floor(share * (sorted.length - 1))] ?? NaN;
  const lost = COOKS * SECONDS - kept;
  return [
    {
      what: `${COOKS} cooks at 1 Hz for ${SECONDS} s, over HTTP`,
      bar: 'none lost; p99 printed',
      found: `${lost} lost of ${COOKS * SECONDS}; median ${at(0.5).toFixed(1)} ms, p99 ${at(0.99).toFixed(1)} ms`,
      met: lost === 0,
    },
  ];
}
