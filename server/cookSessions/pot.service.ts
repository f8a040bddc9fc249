import { message } from '@idle-kettle/words/message';
import { kitchenTime, type PotSight } from '@idle-kettle/contract';
import { Injectable } from '@nestjs/common';
import { ServerClock } from '../clock/serverClock.service.ts';
import { PlanningService } from '../planning/planning.service.ts';
import { BadInput } from '../problem/errors.ts';
import { CookLogService } from './cookLog.service.ts';
import type { CookSessionModel } from './cookSession.model.ts';

/**
 * The simulated pot of a practice cook: what is true of it stays on the server until the debrief.
 */
@Injectable()
export class PotService {
  constructor(
    private readonly log: CookLogService,
    private readonly planning: PlanningService,
    private readonly clock: ServerClock,
  ) {}

  /** What is seen of the pot now, and what a drop of it does on a cold plate. */
  async look(session: CookSessionModel): Promise<PotSight> {
    const { formula, kitchen, practice, clock } = session;
    const known = await this.log.events(session);
    const sight = await this.planning.runInteractive('look', {
      session: { formula, kitchen, practice },
      events: known.entries,
      at: kitchenTime(clock, this.clock.now()),
    });
    if (sight !== null) return sight;
    throw new BadInput([
      { field: 'practice', message: message('problems.onlyPracticeLookedInto') },
    ]);
  }
}
