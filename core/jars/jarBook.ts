import { jarId, type JarName } from '../chain/index.ts';
import type { Entry } from '../stove/index.ts';
import type { Text } from '@idle-kettle/words/message';
import {
  coolAt,
  isAtRest,
  namedIn,
  type Jar,
  type JarProgress,
  type JarWarning,
  type Load,
} from './jarState.ts';
import type { JarState } from './jarTransitions.ts';
import { COLD_POT, type PotHeat } from './potHeat.ts';

type MutableJar = { -readonly [key in keyof Jar]: Jar[key] };

/**
 * The jars of a batch while its log is gone through, entry by entry. Every jar is found by its name
 * and every row by its size, so that a log takes as long as it names jars, however many there are.
 */
export class JarBook {
  measuredMl: number | null = null;
  measuredAtMs: number | null = null;
  labelled = false;
  storedAtMs: number | null = null;
  pot: PotHeat = COLD_POT;
  private readonly jars = new Map<string, MutableJar>();
  private readonly loads = new Map<number, Load>();
  private readonly warnings: JarWarning[] = [];
  /** How many jars of a size were filled, by the size. */
  private readonly ofSize = new Map<number, number>();
  /** Jars that are filled and open, by their size. */
  private readonly open = new Map<number, Set<MutableJar>>();
  /** Jars that are open or closed, and not in the canner yet. */
  private readonly waiting = new Set<MutableJar>();
  private readonly cool = new Set<MutableJar>();
  private readonly unstored = new Set<MutableJar>();
  /** Jars with which something is still to be done. */
  private readonly restless = new Set<MutableJar>();

  jar({ size, number }: JarName): Jar | undefined {
    return this.jars.get(jarId({ size, number }));
  }

  load(number: number | null): Load | undefined {
    return number === null ? undefined : this.loads.get(number);
  }

  /** A jar that is filled; from now on it is the book’s own. */
  fill(jar: MutableJar): void {
    this.jars.set(jar.id, jar);
    this.ofSize.set(jar.size, this.countOf(jar.size) + 1);
    this.sort(jar, null);
  }

  /** A jar that was filled, changed. Nobody else has it yet, so it is changed where it stands. */
  change({ id }: Jar, change: Partial<Omit<Jar, 'id' | 'size' | 'number'>>): void {
    const jar = this.jars.get(id);
    if (jar === undefined) return;
    const { state, cool } = jar;
    Object.assign(jar, change);
    if (jar.state !== state || jar.cool !== cool) this.sort(jar, state);
  }

  putLoad(load: Load): void {
    this.loads.set(load.number, load);
  }

  /** Jars that were filled and are as if they never had been. */
  drop({ id }: Jar): void {
    const jar = this.jars.get(id);
    if (jar === undefined) return;
    const { size } = jar;
    this.jars.delete(id);
    this.ofSize.set(size, this.countOf(size) - 1);
    for (const jars of [this.openOf(size), this.waiting, this.cool, this.unstored, this.restless])
      jars.delete(jar);
  }

  /** How many jars of a size were filled. */
  countOf(size: number): number {
    return this.ofSize.get(size) ?? 0;
  }

  /** Jars that are filled and open: of a size, or all. */
  opened(size: number | null): readonly Jar[] {
    if (size !== null) return [...this.openOf(size)];
    return [...this.open.values()].flatMap((jars) => [...jars]);
  }

  /** Jars that wait for the canner and are not hot at a moment. */
  coolWaiting(atMs: number): readonly Jar[] {
    return [...this.waiting].filter((jar) => coolAt(jar, atMs) !== null);
  }

  /** Jars that wait for the canner, and those that were not hot when they went on. */
  waitingOrCool(): readonly Jar[] {
    return [...new Set([...this.waiting, ...this.cool])];
  }

  /** The jars of a load. */
  inLoad({ jars }: Load): readonly Jar[] {
    return jars.flatMap((id) => this.jars.get(id) ?? []);
  }

  /** Jars that are sealed and not on their shelf yet. */
  sealed(): readonly Jar[] {
    return [...this.unstored];
  }

  /** Whether there are jars, and every one of them is where it stays. */
  isAllAtRest(): boolean {
    return this.jars.size > 0 && this.restless.size === 0;
  }

  /** The jars that an entry names. */
  namedIn(event: Entry): readonly (readonly [JarName, Jar | undefined])[] {
    return namedIn(event).map((name) => [name, this.jar(name)] as const);
  }

  /** Warns about an event; once, however many of its jars the warning is about. */
  tell(event: Entry, text: Text): void {
    const said = this.warnings.findLast((warning) => warning.event === event);
    if (said !== undefined && isSameText(said.text, text)) return;
    this.warnings.push({ event, text });
  }

  progress(): JarProgress {
    const { measuredMl, measuredAtMs, labelled, storedAtMs, warnings, pot } = this;
    return {
      jars: [...this.jars.values()],
      loads: [...this.loads.values()],
      measuredMl,
      measuredAtMs,
      labelled,
      storedAtMs,
      warnings,
      pot,
    };
  }

  /** Keeps in mind what is still to be done with a jar, by its state now and before. */
  private sort(jar: MutableJar, before: JarState | null): void {
    const { size, state, cool } = jar;
    if (cool !== null) this.cool.add(jar);
    else this.cool.delete(jar);
    if (state === before) return;
    if (state === 'filled') this.openOf(size).add(jar);
    else if (before === 'filled') this.openOf(size).delete(jar);
    if (isWaiting(state)) this.waiting.add(jar);
    else if (before !== null && isWaiting(before)) this.waiting.delete(jar);
    if (state === 'sealed') this.unstored.add(jar);
    else if (before === 'sealed') this.unstored.delete(jar);
    if (!isAtRest({ state })) this.restless.add(jar);
    else if (before !== null && !isAtRest({ state: before })) this.restless.delete(jar);
  }

  private openOf(size: number): Set<MutableJar> {
    const there = this.open.get(size) ?? new Set<MutableJar>();
    this.open.set(size, there);
    return there;
  }
}

const isWaiting = (state: JarState): boolean => state === 'filled' || state === 'closed';

const isSameText = (a: Text, b: Text): boolean =>
  a === b || JSON.stringify(a) === JSON.stringify(b);
