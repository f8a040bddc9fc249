import { Inject, Injectable } from '@nestjs/common';
import type { Request } from 'express';
import { HouseholdService } from '../household/household.service.ts';
import type { Actor } from './actor.ts';
import { secretIn } from './cookie.ts';
import { DevicesService } from './devices.service.ts';
import { doorOf, HOME_DOOR, type HomeDoor } from './door.ts';
import { SessionsService } from './sessions.service.ts';

/** Finds out who makes a request: the one place where that is decided. */
@Injectable()
export class ActorsService {
  constructor(
    private readonly households: HouseholdService,
    private readonly sessions: SessionsService,
    private readonly devices: DevicesService,
    @Inject(HOME_DOOR) private readonly home: HomeDoor | null,
  ) {}

  /**
   * A device by its token; whoever is at the machine itself, who keeps its household; a member by
   * their session. Null for nobody that is known.
   */
  async of(request: Request): Promise<Actor | null> {
    const { authorization } = request.headers;
    if (authorization !== undefined) return this.byToken(authorization);
    if (doorOf(request, this.home) === 'loopback') return this.atTheMachine();
    const secret = secretIn(request);
    const session = secret === null ? null : await this.sessions.find(secret);
    if (session === null) return null;
    const { id, householdId, memberId, role, name } = session;
    return {
      householdId,
      role,
      author: { kind: 'member', id: memberId },
      name,
      sessionId: id,
      device: null,
    };
  }

  private async atTheMachine(): Promise<Actor> {
    const { id } = await this.households.ofThisMachine();
    return {
      householdId: id,
      role: 'keeper',
      author: { kind: 'machine', id: null },
      name: null,
      sessionId: null,
      device: null,
    };
  }

  private async byToken(authorization: string): Promise<Actor | null> {
    const token = /^Bearer ([\w-]{20,100})$/.exec(authorization)?.[1];
    const device = token === undefined ? null : await this.devices.byToken(token);
    if (device === null) return null;
    return {
      householdId: device.householdId,
      role: 'device',
      author: { kind: 'device', id: device.id },
      name: device.name,
      sessionId: null,
      device,
    };
  }
}
