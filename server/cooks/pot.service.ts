import { kitchenTime, type CookRecord, type PotSight } from '@idle-kettle/contract';
import { platesAt, sensesAt } from '@idle-kettle/core';
import { Injectable } from '@nestjs/common';
import { BadInput } from '../problem/errors.ts';
import { CookLogService } from './cookLog.service.ts';
import { truthOf } from './truth.ts';

/** The simulated pot of a practice cook: what is true of it stays on the server until the debrief. */
@Injectable()
export class PotService {
  constructor(private readonly log: CookLogService) {}

  /** What is seen of the pot now, and what a drop of it does on a cold plate. */
  async look(cook: CookRecord): Promise<PotSight> {
    const { id, practice, clock } = cook;
    const sheet = truthOf(cook);
    if (!practice || !sheet) {
      throw new BadInput([
        { field: 'practice', message: 'Only the pot of a practice cook can be looked into.' },
      ]);
    }
    const events = await this.log.events(id);
    const now = kitchenTime(clock, Date.now());
    return {
      at: now,
      ...sensesAt(sheet, practice, events, now),
      plate: platesAt(sheet, practice, events, now),
    };
  }
}
