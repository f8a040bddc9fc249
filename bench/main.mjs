import { bookRows } from './book.mjs';
import { cookRows } from './cook.mjs';
import { dayRows } from './day.mjs';
import { heldBack } from './processor.mjs';
import { idleRows } from './idle.mjs';
import { ingestRows } from './ingest.mjs';
import { jarRows } from './jars.mjs';
import { liveRows } from './live.mjs';
import { print } from './measure.mjs';
import { monkeyRows } from './monkey.mjs';
import { packingRows } from './packing.mjs';
import { planRows } from './plan.mjs';
import { readingRows } from './reading.mjs';
import { seasonRows } from './season.mjs';
import { seenRows } from './seen.mjs';
import { startRows } from './start.mjs';
import { typingRows } from './typing.mjs';

const address = process.env['KETTLE_BENCH_ADDRESS'];
const sibling = process.env['KETTLE_BENCH_SIBLING'];
const share = heldBack();
/** What can be asked for by its name, `./kettle bench typing`; without one, all of it. */
const TABLES = {
  reading: readingRows,
  plan: planRows,
  cook: cookRows,
  packing: packingRows,
  jars: jarRows,
  live: liveRows,
  typing: () => (address === undefined ? [] : typingRows(address)),
  seen: () => (address === undefined || sibling === undefined ? [] : seenRows(address, sibling)),
  start: startRows,
  idle: () =>
    address === undefined ? [] : idleRows(address, Number(process.env['KETTLE_BENCH_SERVER'])),
  ingest: () => (address === undefined ? [] : ingestRows(address)),
};
/** What takes its time, and is asked for by its name alone. */
const LONG_TABLES = {
  day: dayRows,
  monkey: () => (address === undefined ? [] : monkeyRows(address)),
  book: () => (address === undefined ? [] : bookRows(address)),
  season: () => (address === undefined ? [] : seasonRows(address)),
};
const asked = process.argv.slice(2);
const rows = [];
for (const [name, table] of Object.entries(TABLES)) {
  if (asked.length === 0 || asked.includes(name)) rows.push(...(await table()));
}
for (const [name, table] of Object.entries(LONG_TABLES)) {
  if (asked.includes(name)) rows.push(...(await table()));
}
if (rows.length === 0) {
  process.stderr.write(
    `Name one of: ${[...Object.keys(TABLES), ...Object.keys(LONG_TABLES)].join(', ')}; or none for all but ${Object.keys(LONG_TABLES).join(', ')}.\n`,
  );
  process.exit(1);
}
print(rows);
process.stdout.write(
  `The host gave ${(100 * share()).toFixed(0)} % of this machine’s processor time to others meanwhile.\n`,
);
process.exitCode = rows.every(({ met }) => met) ? 0 : 1;
