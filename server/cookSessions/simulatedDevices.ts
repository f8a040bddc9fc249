import { PROBE_SOURCE, type Entry } from '@idle-kettle/core';
import { Injectable } from '@nestjs/common';
import { PlanningService } from '../planning/planning.service.ts';
import type { DeviceDriver, DrivenSession } from './devices.ts';

/** The simulated probe and scale of a practice cook. */
@Injectable()
export class SimulatedDevices implements DeviceDriver {
  readonly source = PROBE_SOURCE;

  constructor(private readonly planning: PlanningService) {}

  reads({ practice }: Pick<DrivenSession, 'practice'>): boolean {
    return practice !== null;
  }

  read(
    session: DrivenSession,
    events: readonly Entry[],
    fromS: number,
    toS: number,
  ): Promise<readonly Entry[]> {
    return this.planning.runInteractive('readings', { session, events, fromS, toS });
  }
}
