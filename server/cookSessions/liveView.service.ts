import type { LiveMessage, LoggedEntry } from '@idle-kettle/contract';
import { Injectable, type MessageEvent } from '@nestjs/common';
import { Observable, type Subscriber } from 'rxjs';
import { ServerClock } from '../clock/serverClock.service.ts';
import { isSignedOut } from '../live/channel.ts';
import { ListenerService } from '../live/listener.service.ts';
import { CookLogService, MOST_ANSWERED } from './cookLog.service.ts';
import type { CookId } from './cookSession.model.ts';

/** So often something is sent, so that a dead line is noticed at both ends, ms. */
const BEAT_MS = 5000;

/** The logs of cooks as they grow, whichever server they grow on. */
@Injectable()
export class LiveViewService {
  private readonly feeds = new Map<string, Feed>();

  constructor(
    private readonly log: CookLogService,
    private readonly listener: ListenerService,
    private readonly clock: ServerClock,
  ) {}

  /**
   * Entries after a place in the log: those there are at once, and every later one as it comes, until
   * whoever follows it is signed out.
   */
  follow(
    sessionId: CookId,
    from: number,
    memberSessionId: string | null,
  ): Observable<MessageEvent> {
    return new Observable((subscriber) => {
      const feed = this.feedOf(sessionId);
      const viewer = new Viewer(subscriber, from);
      feed.viewers.add(viewer);
      const words = this.listener.heard.subscribe({
        next: (word) => {
          if (isSignedOut(word)) {
            if (word.signedOut === memberSessionId) subscriber.complete();
            return;
          }
          if (word !== 'look' && word.cook !== sessionId) return;
          // After a time without words the cook itself may have changed as well.
          if (word === 'look' || word.what === 'cook') viewer.say('cook', {});
          void feed.look();
        },
        complete: () => subscriber.complete(),
      });
      const sayAndLook = () => {
        viewer.say('beat', { now: this.clock.now() });
        void feed.look();
      };
      const beat = setInterval(sayAndLook, BEAT_MS);
      sayAndLook();
      return () => {
        clearInterval(beat);
        words.unsubscribe();
        feed.viewers.delete(viewer);
        if (feed.viewers.size === 0) this.feeds.delete(sessionId);
      };
    });
  }

  private feedOf(sessionId: CookId): Feed {
    const there = this.feeds.get(sessionId);
    if (there !== undefined) return there;
    const feed = new Feed((position) => this.log.after(sessionId, position));
    this.feeds.set(sessionId, feed);
    return feed;
  }
}

/** Somebody who follows a log, and how far they have been told. */
class Viewer {
  constructor(
    private readonly subscriber: Subscriber<MessageEvent>,
    public position: number,
  ) {}

  /**
   * Every message carries the place where the log stands, which a browser that comes back names as
   * its last.
   */
  say(type: string, data: object): void {
    this.subscriber.next({ id: String(this.position), type, data });
  }

  /** Tells what of some entries is new. */
  tell(all: readonly LoggedEntry[]): void {
    const entries = all.filter(({ position }) => position > this.position);
    const last = entries.at(-1);
    if (last === undefined) return;
    this.position = last.position;
    const data: LiveMessage = { entries, position: this.position };
    this.say('log', data);
  }
}

/** One log, and all who follow it: the database is asked once for all of them. */
class Feed {
  readonly viewers = new Set<Viewer>();
  private looking = false;
  private again = false;

  /** @param after the entries after a place in the log */
  constructor(private readonly after: (position: number) => Promise<LoggedEntry[]>) {}

  /**
   * Looks for what is new to any of them; whoever asks meanwhile is told by a look of after that.
   */
  async look(): Promise<void> {
    this.again = true;
    if (this.looking) return;
    this.looking = true;
    try {
      while (this.again && this.viewers.size > 0) {
        this.again = false;
        const entries = await this.after(
          Math.min(...[...this.viewers].map(({ position }) => position)),
        );
        for (const viewer of this.viewers) viewer.tell(entries);
        if (entries.length === MOST_ANSWERED) this.again = true;
      }
    } catch {
      // The database is away. The listener says when it is back, and the next beat looks in any
      // case.
    } finally {
      this.looking = false;
    }
  }
}
