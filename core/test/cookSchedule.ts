import { chanceFrom } from '../forecast/index.ts';
import type { EventKind } from '../chain/index.ts';
import { nameOf, type Entry } from '../stove/index.ts';

const MIN = 60_000;

/** A cook’s jars as two people wrote them down, and how what they wrote was delivered. */
export type CookSchedule = {
  readonly entries: readonly Entry[];
  /** In the order they are sent: late, out of order, and some of them twice. */
  readonly parcels: readonly (readonly Entry[])[];
};

/** What else may be pressed, at any time and of any jar. */
const ANYTHING: readonly EventKind[] = [
  'filled',
  'tight',
  'lidded',
  'canner-boils',
  'boil-lost',
  'canner-off',
  'lifted-out',
  'sealed',
  'unsealed',
  'cracked',
  'new-lid',
  'to-fridge',
  'to-freezer',
  'put-away',
  'was-hot',
  'siphoned',
  'labelled',
];

/**
 * A random cook: mostly what a cook does from the filling to the shelf, with things left out, done
 * twice, done at the wrong time or taken back, by two devices.
 * @param seed any whole number: the same cook for the same
 * @param fromMs when the first jar is filled
 */
export function cookSchedule(seed: number, fromMs: number): CookSchedule {
  const chance = chanceFrom(seed);
  const below = (n: number) => Math.floor(chance() * n);
  const sources = ['browser phone', 'browser tablet'];
  const seqs = [0, 0];
  const entries: Entry[] = [];
  let atMs = fromMs;
  const write = (kind: EventKind, text: string | null = null, value: number | null = null) => {
    const device = below(2);
    seqs[device] = (seqs[device] ?? 0) + 1;
    const [source, seq] = [sources[device] ?? '', seqs[device] ?? 0];
    entries.push({ source, seq, at: Math.round(atMs), kind, value, text });
  };
  /** Mostly it is done; now and then forgotten, or pressed twice, and somebody presses anything. */
  const mostly = (kind: EventKind, text: string | null = null, value: number | null = null) => {
    if (chance() < 0.04) return;
    write(kind, text, value);
    if (chance() < 0.05) write(kind, text, value);
    if (chance() < 0.04) anything();
    if (chance() < 0.04) undo();
  };
  const anything = () => {
    const kind = ANYTHING[below(ANYTHING.length)] ?? 'labelled';
    const isOfALoad = kind.startsWith('canner') || kind === 'boil-lost' || kind === 'lifted-out';
    const isOfARow = kind === 'tight' || kind === 'lidded';
    write(kind, isOfALoad ? null : isOfARow ? '1' : `1.${1 + below(8)}`, isOfALoad ? 1 : null);
  };
  const undo = () => {
    const of = entries[below(entries.length)];
    if (of !== undefined) write('undo', nameOf(of));
  };
  const after = (minutes: number) => {
    atMs += minutes * MIN * (0.9 + 0.2 * chance());
  };

  const count = 1 + below(7);
  const jars = count === 1 ? '1.1' : `1.1-${count}`;
  mostly('filled', jars);
  if (chance() < 0.5) mostly('filled', '2.1', chance() < 0.5 ? 60 : null);
  for (const step of ['bubbled', 'wiped', 'lidded', 'tight'] as const) mostly(step);
  after(3);
  mostly('loaded', chance() < 0.5 ? `${jars} 2.1` : jars, 1);
  mostly('canner-lit', null, 1);
  after(20);
  mostly('canner-boils', null, 1);
  if (chance() < 0.15) {
    after(4);
    mostly('boil-lost', null, 1);
    after(5);
    mostly('canner-boils', null, 1);
  }
  after(chance() < 0.2 ? 8 : 16);
  mostly('canner-off', null, 1);
  after(6);
  mostly('lifted-out', null, 1);
  after(chance() < 0.2 ? 60 : 13 * 60);
  const loose = chance() < 0.2 ? 1 + below(count) : 0;
  for (let number = 1; number <= count; number += 1)
    mostly(number === loose ? 'unsealed' : 'sealed', `1.${number}`);
  if (loose > 0) mostly(chance() < 0.3 ? 'cracked' : 'to-fridge', `1.${loose}`);
  mostly(chance() < 0.5 ? 'to-fridge' : 'to-freezer', '2.1');
  mostly('labelled');
  mostly('put-away');
  if (chance() < 0.15) undo();
  if (chance() < 0.15) anything();
  return { entries, parcels: parcelsOf(entries, sources, chance) };
}

/** Each device sends what it wrote in parcels; they come in any order, and some come twice. */
function parcelsOf(
  entries: readonly Entry[],
  sources: readonly string[],
  chance: () => number,
): readonly (readonly Entry[])[] {
  const parcels: Entry[][] = [];
  for (const source of sources) {
    let open: Entry[] = [];
    for (const entry of entries.filter((one) => one.source === source)) {
      open.push(entry);
      if (chance() < 0.35) {
        parcels.push(open);
        open = [];
      }
    }
    if (open.length > 0) parcels.push(open);
  }
  const sent = parcels.flatMap((parcel) => (chance() < 0.15 ? [parcel, parcel] : [parcel]));
  return sent
    .map((parcel) => ({ parcel, by: chance() }))
    .sort((a, b) => a.by - b.by)
    .map(({ parcel }) => parcel);
}
