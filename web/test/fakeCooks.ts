import { type CookSession, type EntryDto, type LoggedEntry } from '@idle-kettle/contract';
import { nameOf, BARE_KITCHEN } from '@idle-kettle/core';
import type { StreamHandlers } from '../stove/liveLogPorts.ts';
import type { FakeClock } from './fakeClock.ts';
import { refusal, type Answer } from './fakeNet.ts';

export const COOK: CookSession = {
  id: 'pot',
  name: 'Damson',
  batchId: null,
  number: null,
  formula: { lines: ['2 kg damsons', '1.4 kg sugar'], settings: {} },
  kitchen: { ...BARE_KITCHEN, units: 'metric', temperature: 'C' },
  practice: null,
  clock: { realAt: 0, cookAt: 0, speed: 1 },
  startedAt: '2026-09-01T00:00:00.000Z',
  endedAt: null,
  storedAt: null,
  position: 0,
  debrief: null,
};

/**
 * A server with one cook: its log takes each entry once, at a place of its own, and refuses some
 * for good.
 */
export class FakeCooks {
  session = COOK;
  readonly log: LoggedEntry[] = [];
  readonly posted: EntryDto[][] = [];
  endings = 0;
  readonly views = new Set<{ readonly ear: StreamHandlers; from: number }>();
  /** Most views that were open at once. */
  mostViews = 0;

  constructor(
    private readonly clock: FakeClock,
    private readonly isWrong: (entry: EntryDto) => boolean = () => false,
  ) {}

  answer: Answer = (path, method, body) => {
    if (path === '/health/time') return { now: this.clock.now() };
    if (path === '/cook-sessions/pot' && method === 'GET') return this.session;
    if (path === '/cook-sessions/pot/end') {
      this.endings += 1;
      this.session = { ...this.session, endedAt: '2026-09-01T01:00:00.000Z' };
      return this.session;
    }
    if (path === '/cook-sessions/pot/log' && method === 'POST') {
      const { entries } = body as { entries: EntryDto[] };
      this.posted.push(entries);
      if (entries.some(this.isWrong)) throw refusal(400);
      for (const entry of entries) this.put(entry);
      return { position: this.log.length };
    }
    throw refusal(404);
  };

  /** Takes in an entry, as from anybody. */
  put({ value = null, text = null, ...entry }: EntryDto): void {
    const there = this.log.some((known) => nameOf(known) === nameOf(entry));
    if (!there) this.log.push({ ...entry, value, text, position: this.log.length + 1, by: null });
  }

  /** Opens a view, as a browser does. */
  listen = (path: string, ear: StreamHandlers): (() => void) => {
    const view = { ear, from: Number(path.split('after=')[1]) };
    this.views.add(view);
    this.mostViews = Math.max(this.mostViews, this.views.size);
    this.clock.after(3, () => {
      if (this.views.has(view)) ear.open();
    });
    return () => this.views.delete(view);
  };

  /**
   * Sends every view what it has not been sent, and a beat; some of it again where it is to be
   * doubled.
   */
  tell(double = false): void {
    for (const view of this.views) {
      const from = double ? Math.max(0, view.from - 2) : view.from;
      const entries = this.log.slice(from);
      view.from = this.log.length;
      if (entries.length > 0) view.ear.log({ entries, position: this.log.length });
      view.ear.beat();
    }
  }

  /** Cuts every view off. */
  cut(): void {
    for (const view of [...this.views]) view.ear.lost();
  }
}
