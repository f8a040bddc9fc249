import type { Who } from '@idle-kettle/contract';
import { Injectable } from '@nestjs/common';
import type { Request, Response } from 'express';
import { keepSecret, secretIn } from './cookie.ts';
import type { MemberModel } from './member.model.ts';
import { browserOf } from './remote.ts';
import { SessionsService } from './sessions.service.ts';
import { WhoService } from './who.service.ts';

/** Lets in whoever has shown who they are, however they did. */
@Injectable()
export class EntryService {
  constructor(
    private readonly sessions: SessionsService,
    private readonly whoever: WhoService,
  ) {}

  /** Signs a member in here; what this browser was signed in as before is over. */
  async of(request: Request, response: Response, member: MemberModel): Promise<Who> {
    const before = secretIn(request);
    const old = before === null ? null : await this.sessions.find(before);
    if (old !== null) await this.sessions.end(old.householdId, { id: old.id });
    const secret = await this.sessions.begin(member, browserOf(request));
    keepSecret(response, secret);
    return this.whoever.member(member, secret);
  }
}
