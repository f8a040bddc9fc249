import { cookRows } from './cook.mjs';
import { heldBack } from './heldBack.mjs';
import { ingestRows } from './ingest.mjs';
import { liveRows } from './live.mjs';
import { print } from './measure.mjs';
import { packingRows } from './packing.mjs';
import { planRows } from './plan.mjs';
import { readingRows } from './reading.mjs';
import { typingRows } from './typing.mjs';

const address = process.env['KETTLE_BENCH_ADDRESS'];
const share = heldBack();
const rows = [
  ...readingRows(),
  ...planRows(),
  ...cookRows(),
  ...(await packingRows()),
  ...liveRows(),
  ...(address === undefined ? [] : await typingRows(address)),
  ...(address === undefined ? [] : await ingestRows(address)),
];
print(rows);
process.stdout.write(
  `The host gave ${(100 * share()).toFixed(0)} % of this machine’s processor time to others meanwhile.\n`,
);
process.exitCode = rows.every(({ met }) => met) ? 0 : 1;
