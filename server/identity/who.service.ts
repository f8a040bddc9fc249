import type { Who } from '@idle-kettle/contract';
import { Inject, Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import type { Request } from 'express';
import { HouseholdModel } from '../household/household.model.ts';
import { HouseholdService } from '../household/household.service.ts';
import type { Actor } from './actor.ts';
import { doorOf, HOME_DOOR, type HomeDoor } from './door.ts';
import type { MemberModel } from './member.model.ts';
import { MembersService } from './members.service.ts';
import { writeToken } from './secrets.ts';

/** What a household is called until its keeper says. */
const UNNAMED = '';

/** Tells a page who it is that asks. */
@Injectable()
export class WhoService {
  constructor(
    @InjectModel(HouseholdModel) private readonly households: typeof HouseholdModel,
    private readonly own: HouseholdService,
    private readonly members: MembersService,
    @Inject(HOME_DOOR) private readonly home: HomeDoor | null,
  ) {}

  /** Behind a proxy it is at the port of all https. */
  private get homeAddress(): string | null {
    if (this.home === null) return null;
    const port = this.home.certificate === null ? '' : `:${this.home.port}`;
    return `https://${this.home.names[0] ?? ''}${port}`;
  }

  async of(request: Request, actor: Actor | null, secret: string | null): Promise<Who> {
    if (doorOf(request, this.home) === 'loopback') return this.atTheMachine();
    if (actor === null || actor.role === 'device' || actor.author.id === null || secret === null)
      return { ...NOBODY, door: 'home' };
    return this.member(
      {
        id: actor.author.id,
        name: actor.name ?? '',
        role: actor.role,
        householdId: actor.householdId,
      },
      secret,
    );
  }

  async atTheMachine(): Promise<Who> {
    const { id, name } = await this.own.ofThisMachine();
    return {
      ...NOBODY,
      household: { id, name: name ?? UNNAMED },
      role: 'keeper',
      signUp: !(await this.members.hasKeeper(id)),
      homeAddress: this.homeAddress,
    };
  }

  async member(
    { id, name, role, householdId }: Pick<MemberModel, 'id' | 'name' | 'role' | 'householdId'>,
    secret: string,
  ): Promise<Who> {
    const household = await this.households.findByPk(householdId, { rejectOnEmpty: true });
    return {
      door: 'home',
      household: { id: household.id, name: household.name ?? UNNAMED },
      member: { id, name },
      role,
      token: writeToken(secret),
      signUp: false,
      homeAddress: this.homeAddress,
    };
  }
}

const NOBODY: Who = {
  door: 'loopback',
  household: null,
  member: null,
  role: null,
  token: null,
  signUp: false,
  homeAddress: null,
};
