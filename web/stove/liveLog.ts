import {
  kitchenTime,
  MOST_ENTRIES,
  type CookSession,
  type LiveMessage,
} from '@idle-kettle/contract';
import { CLOCKS_AGREE_MS, inOrder, isOfADevice, type EntryKind } from '@idle-kettle/core';
import { Listeners } from '../api/listeners.ts';
import { isFinal } from '../api/request.ts';
import { deliverAll } from './delivery.ts';
import {
  fromServer,
  lastWithoutGap,
  merged,
  newEntry,
  newSource,
  type KeptEntry,
} from './keptEntry.ts';
import { NOTHING, type LiveLogPorts, type LiveLogState } from './liveLogPorts.ts';
import { SafeStore } from './safeStore.ts';
import { sendParcel } from './sendParcel.ts';
import { Together } from './together.ts';
import { waitAfter } from './waitAfter.ts';

/** A live view that says nothing for this long is dead: it says something every five seconds. */
export const SILENT_MS = 12_000;

/** So long what a server told may wait to be kept, and what devices read to be taken in, ms. */
const KEEPS_EVERY_MS = 5000;
const READINGS_EVERY_MS = 4000;
/** So many at once were missed, and are shown at once. */
const MANY_READINGS = 20;

/**
 * A cook and its log: from this browser’s shelf at once, and from the server as it grows, over one
 * connection at a time. What is noted is kept on the shelf first and delivered when a server
 * answers; so is that the cook is to end.
 */
export class LiveLog {
  private now = NOTHING;
  private known: ReadonlyMap<string, KeptEntry> = new Map();
  private readonly listeners = new Listeners();
  /** Calls a listener at every change; what it answers ends that. */
  readonly subscribe = this.listeners.add;
  private readonly shelf: SafeStore;
  /** What this log’s own entries are named by, and how many there are. */
  private readonly source = newSource();
  private written = 0;
  /** The place in the server’s log up to which everything is known. */
  private position = 0;
  private on = false;
  private connecting = false;
  private close: (() => void) | null = null;
  private open = false;
  private heardAt = 0;
  /** Whether what was sent last came through. */
  private reached = true;
  /** Failures in a row: of connecting, and of delivering. */
  private failures = 0;
  private undelivered = 0;
  private delivering: Promise<void> | null = null;
  private moreToDeliver = false;
  private callOffRetry: (() => void) | null = null;
  private callOffSilence: (() => void) | null = null;
  private callOffDelivery: (() => void) | null = null;
  private readonly readings: Together<KeptEntry>;
  private readonly keeping: Together<KeptEntry>;

  constructor(
    readonly id: string,
    private readonly ports: LiveLogPorts,
  ) {
    this.shelf = new SafeStore(
      ports.store,
      () => [...this.known.values()],
      () => this.set({ keeps: false }),
    );
    this.readings = new Together(ports.clock, (all) => this.add(all));
    this.keeping = new Together(ports.clock, (all) => {
      void this.shelf.use((store) => store.keep(all));
    });
  }

  get state(): LiveLogState {
    return this.now;
  }

  /** Begins to follow the cook, or goes on with it. */
  async start(): Promise<void> {
    if (this.on) return;
    this.on = true;
    await this.recall();
    await this.connect();
  }

  /** Lets go of the connection and of everything that waits. What is on the shelf stays there. */
  stop(): void {
    this.on = false;
    this.letGo();
    this.readings.now();
    this.keeping.now();
    this.callOffRetry?.();
    this.callOffDelivery?.();
  }

  /** A tab that slept, or a network that is back, looks at once. */
  wake(): void {
    if (!this.on || this.connecting) return;
    // Timers sleep with their tab: a connection silent for too long is dead, whatever it says.
    if (this.close !== null && this.ports.clock.now() - this.heardAt <= SILENT_MS) {
      this.deliverSoon();
      return;
    }
    this.letGo();
    this.failures = 0;
    this.undelivered = 0;
    void this.connect();
  }

  /** Writes down something that happens now, and delivers it when a server answers. */
  note = async (
    kind: EntryKind,
    value: number | null = null,
    text: string | null = null,
  ): Promise<void> => {
    const { session } = this.now;
    if (session === null) return;
    const at = this.afterWhatIsSeen(kitchenTime(session.clock, this.ports.serverClock.now()));
    const { dated } = this.ports.serverClock;
    const noted = { kind, at, value, text };
    const entry = newEntry(this.id, this.source, (this.written += 1), noted, dated);
    const kept = this.shelf.use((store) => store.writeDown(entry));
    this.add([entry]);
    await kept;
    await this.deliver().catch(() => undefined);
  };

  /** Ends the cook: once everything that was noted is delivered, and for as often as it takes. */
  end = async (): Promise<void> => {
    await this.shelf.use((store) => store.keepFact(this.ending, 1));
    await this.deliver().catch(() => undefined);
  };

  /** Asks for the cook itself once more. */
  refresh = async (): Promise<void> => {
    await this.fetchCook().catch(() => undefined);
  };

  /** A press is never before what it answers: clocks compared anew may go back by a moment. */
  private afterWhatIsSeen(now: number): number {
    const seen = this.now.entries.findLast(({ at }) => at <= now + CLOCKS_AGREE_MS);
    return seen === undefined ? now : Math.max(now, seen.at + 1);
  }

  private get ending(): string {
    return `end ${this.id}`;
  }

  private set(change: Partial<LiveLogState>): void {
    this.now = { ...this.now, ...change };
    this.listeners.tell();
  }

  private add(more: readonly KeptEntry[]): void {
    this.known = merged(this.known, more);
    const entries = [...this.known.values()].sort(inOrder);
    this.set({
      entries,
      waiting: entries.filter(({ waiting }) => waiting === 1).length,
      refused: entries.find(({ refused }) => refused !== null)?.refused ?? null,
    });
  }

  /** From this browser’s shelf, before any server is asked. */
  private async recall(): Promise<void> {
    const session = await this.shelf.use((store) => store.cook(this.id));
    const entries = await this.shelf.use((store) => store.entries(this.id));
    await this.shelf.use((store) => this.ports.serverClock.recall(store));
    if (session !== null) this.set({ session });
    // Places are without gaps: from the first that is missing on, the server is asked again.
    this.position = lastWithoutGap(entries);
    this.add(entries);
  }

  private async connect(): Promise<void> {
    if (!this.on || this.connecting || this.close !== null) return;
    this.callOffRetry?.();
    this.callOffRetry = null;
    this.connecting = true;
    try {
      await this.fetchCook();
      await this.ports.serverClock.compare();
      await this.shelf.use((store) => this.ports.serverClock.keep(store));
      await this.deliver();
      if (this.on) this.listen();
    } catch (failure) {
      if (this.now.session === null) this.set({ error: failure as Error });
      this.again();
    } finally {
      this.connecting = false;
    }
  }

  /** Follows the log from where it is known; an older connection is no longer listened to. */
  private listen(): void {
    const isCurrent = () => this.close === close;
    const lost = () => {
      if (!isCurrent()) return;
      this.letGo();
      this.again();
    };
    const alive = () => {
      this.heardAt = this.ports.clock.now();
      this.callOffSilence?.();
      this.callOffSilence = this.ports.clock.after(SILENT_MS, lost);
    };
    const close: () => void = this.ports.listen(
      `/cook-sessions/${this.id}/live?after=${this.position}`,
      {
        open: () => {
          if (!isCurrent()) return;
          alive();
          this.failures = 0;
          this.open = true;
          this.tellHeard();
        },
        lost,
        beat: () => {
          if (isCurrent()) alive();
        },
        cook: () => {
          if (!isCurrent()) return;
          alive();
          this.fetchCook().catch(lost);
        },
        log: (message) => {
          if (!isCurrent()) return;
          alive();
          // What comes twice is known; where something is missing in between, it is asked for from
          // there.
          if ((message.entries[0]?.position ?? this.position) > this.position + 1) lost();
          else this.hear(message);
        },
      },
    );
    this.close = close;
    alive();
  }

  private hear({ entries, position }: LiveMessage): void {
    this.position = Math.max(this.position, position);
    const kept = entries.map((entry) => fromServer(this.id, entry));
    // What a probe says every second is taken in and kept some of it at a time; a press, and what is
    // known here already, at once. What a page loses of that it asks for again.
    const readings = kept.filter(isOfADevice);
    this.readings.add(readings, READINGS_EVERY_MS / (this.now.session?.clock.speed ?? 1));
    if (readings.length < kept.length || readings.length > MANY_READINGS) this.readings.now();
    this.add(kept.filter((entry) => !readings.includes(entry)));
    this.keeping.add(kept, KEEPS_EVERY_MS);
  }

  private letGo(): void {
    this.callOffSilence?.();
    this.callOffSilence = null;
    const { close } = this;
    this.close = null;
    close?.();
    this.open = false;
    this.tellHeard();
  }

  /** Tries again after a while, which gets longer with every failure. */
  private again(): void {
    if (!this.on) return;
    this.callOffRetry?.();
    this.callOffRetry = this.ports.clock.after(waitAfter(this.failures), () => void this.connect());
    this.failures += 1;
  }

  private async fetchCook(): Promise<void> {
    this.take(await this.ports.send<CookSession>(`/cook-sessions/${this.id}`));
  }

  private take(session: CookSession): void {
    this.set({ session, error: null });
    void this.shelf.use((store) => store.keepCook(session));
  }

  /** Delivers what waits; who asks meanwhile waits for the same delivery, which looks again. */
  private async deliver(): Promise<void> {
    this.moreToDeliver = true;
    this.delivering ??= this.deliverUntilDone().finally(() => {
      this.delivering = null;
    });
    await this.delivering;
  }

  private async deliverUntilDone(): Promise<void> {
    try {
      while (this.moreToDeliver) {
        this.moreToDeliver = false;
        await this.ports.inTurn(() => this.deliverOnce());
      }
      this.reached = true;
      this.undelivered = 0;
    } catch (failure) {
      this.deliverSoon(waitAfter(this.undelivered));
      this.undelivered += 1;
      // A live view may outlast the network by a while; what cannot be sent tells sooner.
      this.reached = false;
      throw failure;
    } finally {
      this.tellHeard();
    }
  }

  private tellHeard(): void {
    const heard = this.open && this.reached;
    if (heard !== this.now.heard) this.set({ heard });
  }

  private async deliverOnce(): Promise<void> {
    await deliverAll(
      {
        waiting: () => this.shelf.use((store) => store.waiting(this.id)),
        send: (parcel) => sendParcel(this.ports, this.id, this.now.session, parcel),
        settle: async (parcel, refused) => {
          await this.shelf.use((store) => store.settle(parcel, refused));
          this.add(parcel.map((entry) => ({ ...entry, waiting: 0, refused })));
        },
      },
      MOST_ENTRIES,
    );
    if ((await this.shelf.use((store) => store.fact(this.ending))) === null) return;
    try {
      this.take(await this.ports.send<CookSession>(`/cook-sessions/${this.id}/end`, 'POST'));
    } catch (failure) {
      if (!isFinal(failure)) throw failure;
      this.set({ refused: failure.message });
    }
    await this.shelf.use((store) => store.keepFact(this.ending, null));
  }

  private deliverSoon(ms = 0): void {
    this.callOffDelivery?.();
    this.callOffDelivery = this.ports.clock.after(ms, () => {
      if (this.on) this.deliver().catch(() => undefined);
    });
  }
}
