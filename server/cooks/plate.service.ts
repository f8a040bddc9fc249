import { kitchenTime, requestInKitchen, type CookRecord } from '@idle-kettle/contract';
import { platesAt, trueSheet, type PlateOutcome } from '@idle-kettle/core';
import { Injectable } from '@nestjs/common';
import { BadInput } from '../problem/errors.ts';
import { CookLogService } from './cookLog.service.ts';

/** The cold plate of a practice cook: what is true of its pot stays on the server until the debrief. */
@Injectable()
export class PlateService {
  constructor(private readonly log: CookLogService) {}

  async drop({ id, formula, kitchen, practice, clock }: CookRecord): Promise<PlateOutcome> {
    const sheet = practice && trueSheet(requestInKitchen(formula, kitchen), practice);
    if (!practice || !sheet) {
      throw new BadInput([
        { field: 'practice', message: 'Only a practice cook has a plate of its own.' },
      ]);
    }
    return platesAt(sheet, practice, await this.log.events(id), kitchenTime(clock, Date.now()));
  }
}
