import { say } from '@idle-kettle/words';
import { isSomething, type Batch, type BatchDto } from '@idle-kettle/contract';
import { Listeners } from '../api/listeners.ts';
import { isFinal } from '../api/request.ts';
import { contentKey, isOtherContent } from './contentKey.ts';
import { dropDraft, keepDraft, keptDraft, type Draft } from './draft.ts';
import {
  CONFLICT,
  contentOf,
  isSame,
  isUnchanged,
  MOST_NAME_CHARS,
  MOST_TURNS,
  MOST_UNANSWERED,
  QUIET_MS,
  UNSAVED,
  waitBefore,
  NOTHING,
  type Content,
  type SavedListener,
  type SaverPorts,
  type SaverState,
} from './saverState.ts';
import { Ticks } from './ticks.ts';

/**
 * Keeps what is written of a batch: in the browser at once, and, once it was saved, on the server
 * after a quiet moment. Owns the version that a change is made on. An answer that never came is no
 * conflict with oneself; after a real one the newest is fetched and stands beside what is written.
 */
export class Saver {
  /** What the screen begins with: what was typed and not saved, or what it is given. */
  readonly first: Content;
  private now: SaverState;
  private content: Content;
  private finalName: string;
  private ok = true;
  private keptAs: string | null;
  private sent: readonly string[];
  private newId: string | null;
  private copyId: string | null = null;
  private ticks: Ticks;
  private on = false;
  private failures = 0;
  private callOff: (() => void) | null = null;
  private readonly listeners = new Listeners();
  private readonly savedListeners = new Listeners<Parameters<SavedListener>>();
  private readonly shownListeners = new Listeners<[batch: Batch]>();

  /** Calls a listener at every change; what it answers ends that, here and below. */
  readonly subscribe = this.listeners.add;
  /** Calls a listener with every row that the server answered with. */
  readonly onSaved = this.savedListeners.add;
  /** Calls a listener with what the screen is to show instead of what is written. */
  readonly onShow = this.shownListeners.add;

  /**
   * @param saved what the server holds; null for a new batch
   * @param start what a new batch starts from, which then counts for more than a draft
   */
  constructor(
    saved: Batch | null,
    start: Content | null,
    private readonly ports: SaverPorts,
  ) {
    const draft = start === null ? keptDraft(saved?.id ?? null, ports.storage) : null;
    this.sent = draft?.sent ?? [];
    this.newId = draft?.newId ?? null;
    this.ticks = new Ticks(draft?.ticks);
    this.keptAs = saved === null ? null : contentKey(saved);
    const isWritten = draft !== null && draft.onlyTicks !== true;
    this.first = contentOf((isWritten ? draft : null) ?? start ?? saved ?? NOTHING);
    this.content = this.first;
    this.finalName = this.first.name;
    const isElsewhere =
      saved !== null && isWritten && draft.version !== saved.version && draft.base !== this.keptAs;
    this.now = { ...UNSAVED, saved };
    this.now = {
      ...this.now,
      theirs: isElsewhere && !this.isMine(saved) ? saved : null,
      changed: this.isChanged(),
      ticked: this.ticked(),
    };
  }

  get state(): SaverState {
    return this.now;
  }

  /** Begins to save by itself. */
  start(): void {
    this.on = true;
    this.remember();
    this.schedule();
  }

  /** Lets go of what waits. What is written stays in the browser. */
  stop(): void {
    this.on = false;
    this.callOff?.();
  }

  /** The network is back, or the page is looked at again. */
  wake(): void {
    const { error } = this.now;
    if (this.on && error !== null && !isFinal(error) && this.savesItself()) void this.run();
  }

  /**
   * What is on the screen now.
   * @param finalName the name it gets where none is typed
   * @param ok whether the lines can be planned; a batch at fault is kept in the browser alone
   */
  write(content: Content, finalName: string, ok: boolean): void {
    const isNew = contentKey(content) !== contentKey(this.content) || ok !== this.ok;
    this.finalName = finalName;
    if (!isNew) return;
    this.content = contentOf(content);
    this.ok = ok;
    this.remember();
    this.schedule();
  }

  /** Ticks something of the preparation, or takes the tick away. */
  tick(id: string, done: boolean): void {
    this.ticks = this.ticks.with(id, done);
    this.remember();
    this.schedule(0);
  }

  /** Saves now. Pressed twice, it is saved once. */
  save = (): void => {
    const { pending, theirs, saved } = this.now;
    if (pending || theirs !== null) return;
    if (saved === null || this.isChanged()) void this.run();
    else this.set({ error: null });
  };

  /** Saves what is written as another batch. */
  saveAsNew = async (): Promise<void> => {
    if (this.now.pending) return;
    this.copyId ??= this.ports.newId();
    const name = say('balance.copy', { finalName: this.finalName }).slice(0, MOST_NAME_CHARS);
    this.set({ pending: true, error: null });
    try {
      const { lines, settings } = this.content;
      const body = { id: this.copyId, name, lines: [...lines], settings };
      const batch = await this.ports.send<Batch>('/batches', 'POST', body);
      if (this.on) dropDraft(this.now.saved?.id ?? null, this.ports.storage);
      this.set({ pending: false });
      this.savedListeners.tell(batch, this.on);
    } catch (error) {
      this.set({ pending: false, error: error as Error });
    }
  };

  /** Of two, what is written here is to stand: it is saved on top of the other’s. */
  keepMine = (): void => {
    const { theirs } = this.now;
    if (theirs === null) return;
    this.set({ theirs: null, saved: theirs, error: null });
    this.keptAs = contentKey(theirs);
    this.remember();
    void this.run();
  };

  /** Forgets what is not saved: the newest that the server holds stands again. */
  goBack = (): void => {
    const there = this.now.theirs ?? this.now.saved;
    if (there !== null) this.adopt(there);
  };

  /** What the server holds, as somebody else has asked for it. */
  receiveUpdate(batch: Batch): void {
    const { saved, pending, theirs } = this.now;
    if (saved === null || pending || batch.version <= (theirs ?? saved).version) return;
    if (this.isMine(batch)) this.confirmSave(batch, this.asWritten(batch));
    else if (this.isWritten() && isOtherContent(saved, batch)) this.set({ theirs: batch });
    else if (this.isWritten()) this.set({ saved: batch, ticked: this.ticked(batch) });
    else this.adopt(batch, this.ticks);
  }

  /** Tells the listeners, unless nothing changes: most keys leave saving where it was. */
  private set(change: Partial<SaverState>): void {
    const fields = Object.keys(change) as (keyof SaverState)[];
    if (fields.every((field) => isUnchanged(change[field], this.now[field]))) return;
    this.now = { ...this.now, ...change };
    this.listeners.tell();
  }

  /** Whether a row is something that this browser wrote or is writing. */
  private isMine(batch: Batch): boolean {
    const key = contentKey(batch);
    return key === contentKey(this.content) || this.sent.includes(key);
  }

  /** Whether the formula itself is other than the server’s. */
  private isWritten(): boolean {
    const { name } = this.content;
    return this.keptAs === null
      ? isSomething(this.content) || name.trim() !== ''
      : contentKey(this.content) !== this.keptAs;
  }

  private isChanged(): boolean {
    return this.isWritten() || !this.ticks.isEmpty;
  }

  /** Key of what is written where the server holds this; unnamed, it has the suggested name. */
  private asWritten({ name, lines, settings = {} }: BatchDto | Batch): string {
    const isSuggested = this.content.name.trim() === '' && name === this.finalName;
    return contentKey({ name: isSuggested ? '' : name, lines, settings });
  }

  private ticked(on: Batch | null = this.now.saved): readonly string[] {
    return this.ticks.over(on?.ticked ?? []);
  }

  private remember(): void {
    if (this.on) {
      const id = this.now.saved?.id ?? null;
      if (this.isChanged()) keepDraft(id, this.draft(), this.ports.storage);
      else dropDraft(id, this.ports.storage);
    }
    this.set({ changed: this.isChanged(), ticked: this.ticked() });
  }

  private draft(): Draft {
    return {
      ...this.content,
      version: this.now.saved?.version ?? null,
      ...(this.now.saved === null ? {} : { base: contentKey(this.now.saved) }),
      sent: this.sent,
      ...(this.newId === null ? {} : { newId: this.newId }),
      ticks: this.ticks.pairs,
      onlyTicks: !this.isWritten(),
    };
  }

  private savesItself(): boolean {
    const { saved, theirs, pending } = this.now;
    // A first save is asked for; once it was, it is tried until it is heard.
    if (saved === null && this.newId === null) return false;
    if (theirs !== null || pending || !this.isChanged()) return false;
    return this.ok && isSomething(this.content);
  }

  private schedule(quietMs = QUIET_MS): void {
    this.callOff?.();
    if (!this.on || !this.savesItself()) return;
    this.callOff = this.ports.clock.after(waitBefore(this.failures, quietMs), () => {
      if (this.savesItself()) void this.run();
    });
  }

  private async run(): Promise<void> {
    this.callOff?.();
    const { lines, settings } = this.content;
    const body: BatchDto = {
      name: this.finalName,
      lines: [...lines],
      settings,
      ticked: [...this.ticked()],
    };
    const as = this.asWritten(body);
    this.sent = [...this.sent, contentKey(body)].slice(-MOST_UNANSWERED);
    if (this.now.saved === null) this.newId ??= this.ports.newId();
    if (this.isChanged()) this.remember();
    this.set({ pending: true, error: null });
    try {
      const { saved } = this.now;
      const batch =
        saved === null
          ? await this.ports.send<Batch>('/batches', 'POST', { ...body, id: this.newId })
          : await this.change(saved, body);
      this.failures = 0;
      this.ticks = this.ticks.without(batch.ticked);
      this.confirmSave(batch, contentKey(batch) === contentKey(body) ? as : contentKey(batch));
    } catch (error) {
      this.failures = isFinal(error) ? 0 : this.failures + 1;
      this.set({ pending: false, error: error as Error });
      // What was refused for good is not sent again before it is another.
      if (!isFinal(error) || contentKey(this.content) !== as) this.schedule();
    }
  }

  /** Saves a change; goes on from a newer row that is its own, or changes nothing but ticks. */
  private async change(saved: Batch, body: BatchDto): Promise<Batch> {
    let on = saved;
    for (let turn = 1; ; turn += 1) {
      try {
        const ticked = [...this.ticked(on)];
        return await this.ports.send<Batch>(`/batches/${on.id}`, 'PUT', {
          ...body,
          ticked,
          version: on.version,
        });
      } catch (error) {
        if (!isFinal(error) || error.problem.status !== CONFLICT || turn === MOST_TURNS)
          throw error;
        const there = await this.ports.send<Batch>(`/batches/${on.id}`);
        const key = contentKey(there);
        const isAll = key === contentKey(body) && isSame(there.ticked, this.ticked(there));
        if (isAll) return there;
        if (key !== contentKey(body) && !this.sent.includes(key) && isOtherContent(on, there)) {
          // Whoever wrote nothing but ticks sees the other’s formula, and overwrites none of it.
          if (!this.isWritten()) {
            this.adopt(there, this.ticks);
            body = { ...body, name: there.name, lines: [...there.lines], settings: there.settings };
          } else {
            this.set({ theirs: there });
            throw error;
          }
        }
        on = there;
      }
    }
  }

  /** The server holds this now; `as` is what was written of it. */
  private confirmSave(batch: Batch, as: string): void {
    const { storage } = this.ports;
    const wasNew = this.now.saved === null;
    // After a first save the draft goes on under the batch’s own id; the page may be left by then.
    if (wasNew && (this.on || keptDraft(null, storage)?.newId === this.newId))
      dropDraft(null, storage);
    this.sent = [];
    this.newId = null;
    this.keptAs = as;
    this.set({ saved: batch, pending: false, error: null });
    if (this.on) this.remember();
    this.savedListeners.tell(batch, wasNew && this.on);
    this.schedule();
  }

  /** Takes a row over as what is written. */
  private adopt(batch: Batch, ticks = new Ticks()): void {
    this.content = contentOf(batch);
    this.finalName = batch.name;
    this.keptAs = contentKey(batch);
    this.ticks = ticks;
    this.failures = 0;
    this.set({ saved: batch, theirs: null, error: null });
    this.remember();
    this.shownListeners.tell(batch);
    this.savedListeners.tell(batch, false);
  }
}
