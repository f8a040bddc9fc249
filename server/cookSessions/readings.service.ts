import { kitchenTime, READ_BY, type DeviceReadingsDto } from '@idle-kettle/contract';
import { entryFault } from '@idle-kettle/core';
import { message } from '@idle-kettle/words/message';
import { Injectable } from '@nestjs/common';
import { ServerClock } from '../clock/serverClock.service.ts';
import type { Actor } from '../identity/actor.ts';
import { DevicesService, sourceOfDevice } from '../identity/devices.service.ts';
import { BadInput, Conflict } from '../problem/errors.ts';
import { CookLogService } from './cookLog.service.ts';
import { CookSessionsService } from './cookSessions.service.ts';

/** What the devices of a household read, as entries of the log of the cook that they stand at. */
@Injectable()
export class ReadingsService {
  constructor(
    private readonly cooks: CookSessionsService,
    private readonly log: CookLogService,
    private readonly devices: DevicesService,
    private readonly clock: ServerClock,
  ) {}

  /**
   * Adds readings to the log of the cook that a device is paired with, under its own name, and to
   * nothing else. One without a time was read when it came; one without a number is a new one.
   */
  async add(
    { householdId, device, author }: Actor,
    { readings, now }: DeviceReadingsDto,
  ): Promise<{ readonly position: number }> {
    if (device === null || device.cookSessionId === null)
      throw new Conflict(message('problems.deviceHasNoCook'));
    const { id, kind, cookSessionId } = device;
    const cook = await this.cooks.row(householdId, cookSessionId);
    if (cook.endedAt !== null) throw new Conflict(message('problems.cookIsOver'));
    const source = sourceOfDevice(id);
    const last = await this.log.lastSeq(cook.id, source);
    const here = kitchenTime(cook.clock, this.clock.now());
    const entries = readings.map(({ seq, at, value }, index) => ({
      source,
      seq: seq ?? last + index + 1,
      at: at ?? here,
      kind: READ_BY[kind],
      value,
      text: null,
    }));
    const faults = entries.flatMap((entry, index) => {
      const fault = entryFault(entry);
      return fault === null ? [] : [{ field: `readings[${index}].value`, message: fault.message }];
    });
    if (faults.length > 0) throw new BadInput(faults);
    const position = await this.log.append(cook.id, householdId, author, entries, now ?? null);
    await this.devices.heard(id);
    return { position };
  }
}
