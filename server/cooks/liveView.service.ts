import type { LiveMessage } from '@idle-kettle/contract';
import { Injectable, type MessageEvent } from '@nestjs/common';
import { Observable } from 'rxjs';
import { ListenerService } from '../live/listener.service.ts';
import { CookLogService } from './cookLog.service.ts';

/** So often something is sent, so that a dead line is noticed at both ends, ms. */
const BEAT_MS = 5000;

/** The log of a cook as it grows, whichever server it grows on. */
@Injectable()
export class LiveViewService {
  constructor(
    private readonly log: CookLogService,
    private readonly listener: ListenerService,
  ) {}

  /** Entries after a place in the log: those there are at once, and every later one as it comes. */
  follow(cookId: string, from: number): Observable<MessageEvent> {
    return new Observable((viewer) => {
      let position = from;
      let looking = false;
      let again = false;
      const look = async () => {
        again = true;
        if (looking) return;
        looking = true;
        try {
          while (again && !viewer.closed) {
            again = false;
            const entries = await this.log.after(cookId, position);
            if (entries.length === 0) continue;
            position = entries.at(-1)?.position ?? position;
            const data: LiveMessage = { entries, position };
            viewer.next({ id: String(position), type: 'log', data });
            again = true;
          }
        } catch {
          // The database is away. The listener says when it is back, and the next beat looks in any case.
        } finally {
          looking = false;
        }
      };
      const words = this.listener.heard.subscribe({
        next: (word) => {
          if (word !== 'look' && word.cook !== cookId) return;
          // After a time without words the cook itself may have changed as well.
          if (word === 'look' || word.what === 'cook') viewer.next({ type: 'cook', data: {} });
          void look();
        },
        complete: () => viewer.complete(),
      });
      const sayAndLook = () => {
        viewer.next({ type: 'beat', data: { now: Date.now() } });
        void look();
      };
      const beat = setInterval(sayAndLook, BEAT_MS);
      sayAndLook();
      return () => {
        clearInterval(beat);
        words.unsubscribe();
      };
    });
  }
}
