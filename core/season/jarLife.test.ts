import { chanceFrom } from '../forecast/index.ts';
import {
  inOrder,
  JAR_LIFE_KINDS,
  JAR_LIFE_STEPS,
  JAR_LIVES,
  jarCode,
  jarEventName,
  jarOfCode,
  livedJar,
  type JarEvent,
} from './index.ts';

const JAR = { size: 1, number: 1 };
let seq = 0;
const event = (kind: JarEvent['kind'], at: number, more: Partial<JarEvent> = {}): JarEvent => ({
  source: 'phone',
  seq: (seq += 1),
  at,
  kind,
  jar: JAR,
  to: null,
  ...more,
});

describe('the short number of a jar', () => {
  test.each([
    [{ cook: 14, size: 1, number: 3 }, '14-3'],
    [{ cook: 14, size: 2, number: 12 }, '14-b12'],
    [{ cook: 1205, size: 12, number: 999 }, '1205-l999'],
  ])('%j is %s, and is read back', (jar, code) => {
    expect(jarCode(jar)).toBe(code);
    expect(jarOfCode(code)).toEqual(jar);
  });

  test.each([
    [' 14 – 3 ', '14-3'],
    ['14-B12', '14-b12'],
  ])('%s is read however it is typed', (typed, code) => {
    const jar = jarOfCode(typed);
    expect(jar && jarCode(jar)).toBe(code);
  });

  test.each(['', '14', '14-', '-3', '14-0', '0-3', '14-a3', '14-3-2', '9'.repeat(9), '14-1000'])(
    '“%s” is none',
    (typed) => expect(jarOfCode(typed)).toBeNull(),
  );
});

describe('what happens to a jar', () => {
  test('the table names every life and every kind', () => {
    expect(Object.keys(JAR_LIFE_STEPS).sort()).toEqual([...JAR_LIVES].sort());
    const kinds = new Set(Object.values(JAR_LIFE_STEPS).flatMap((steps) => Object.keys(steps)));
    expect([...kinds, 'undone'].sort()).toEqual([...JAR_LIFE_KINDS].sort());
  });

  test('it is opened, and eaten: it left when it was opened', () => {
    expect(livedJar([event('opened', 10), event('eaten', 30)])).toMatchObject({
      life: 'eaten',
      openedAtMs: 10,
      leftAtMs: 10,
    });
  });

  test('two phones that take out the same jar take one', () => {
    const [a, b] = [event('eaten', 10), event('eaten', 11, { source: 'other', seq: 1 })];
    for (const both of [
      [a, b],
      [b, a],
    ]) {
      const jar = livedJar(both);
      expect(jar.life).toBe('eaten');
      expect([...jar.counted]).toEqual([jarEventName(a)]);
    }
  });

  test('what was undone never happened, also where the undo came first', () => {
    const eaten = event('eaten', 10);
    const undo = event('undone', 12, { to: jarEventName(eaten) });
    expect(livedJar([eaten, undo]).life).toBe('in');
    expect(livedJar([undo, eaten]).life).toBe('in');
    // The second phone’s press counts then.
    expect(livedJar([eaten, undo, event('given', 14, { to: 'Ann' })])).toMatchObject({
      life: 'given',
      givenTo: 'Ann',
      leftAtMs: 14,
    });
  });

  test('a lost jar that is found is as it was', () => {
    expect(livedJar([event('lost', 1), event('found', 2)]).life).toBe('in');
    expect(livedJar([event('opened', 1), event('lost', 2), event('found', 3)])).toMatchObject({
      life: 'opened',
      leftAtMs: 1,
    });
  });

  test('one that is given and comes back stands there again', () => {
    expect(
      livedJar([event('given', 1, { to: 'Ann' }), event('stored', 2, { to: 'cellar' })]),
    ).toMatchObject({ life: 'in', place: 'cellar', givenTo: null, leftAtMs: null });
  });

  test('whatever happens, in whatever order it comes in, twice or late, it ends the same', () => {
    const chance = chanceFrom(5);
    const pick = <T>(of: readonly T[]): T => of[Math.floor(chance() * of.length)] as T;
    for (let run = 0; run < 1000; run += 1) {
      const events: JarEvent[] = [];
      for (let i = 0; i < 1 + chance() * 9; i += 1) {
        const kind = pick(JAR_LIFE_KINDS);
        const undone = events.length === 0 ? null : jarEventName(pick(events));
        events.push({
          source: pick(['a', 'b']),
          seq: i,
          at: Math.floor(chance() * 6),
          kind,
          jar: JAR,
          to: kind === 'undone' ? undone : pick([null, 'cellar', 'Ann']),
        });
      }
      const once = livedJar(events);
      const shuffled = [...events, ...events].sort(() => chance() - 0.5);
      // Delivered twice, a row is kept once: the database sees to that by its name.
      const kept = [...new Map(shuffled.map((one) => [jarEventName(one), one])).values()];
      expect(livedJar(kept)).toEqual(once);
      expect(livedJar(inOrder(events))).toEqual(once);
      expect(once.leftAtMs === null).toBe(once.life === 'in');
    }
  });
});
