import { cookRows } from './cook.mjs';
import { print } from './measure.mjs';
import { packingRows } from './packing.mjs';
import { planRows } from './plan.mjs';

const rows = [...planRows(), ...cookRows(), ...(await packingRows())];
print(rows);
process.exitCode = rows.every(({ met }) => met) ? 0 : 1;
