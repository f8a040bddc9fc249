import { may } from '@idle-kettle/contract';
import { message } from '@idle-kettle/words/message';
import { Injectable, type CanActivate, type ExecutionContext } from '@nestjs/common';
import type { Request } from 'express';
import { NotAllowed, NotSignedIn } from '../problem/errors.ts';
import { needOf, setActor } from './actor.ts';
import { ActorsService } from './actors.service.ts';
import { secretIn } from './cookie.ts';
import { isSame, writeToken } from './secrets.ts';

/** Read-only methods (RFC 9110, 9.2.1). */
const SAFE: ReadonlySet<string> = new Set(['GET', 'HEAD', 'OPTIONS']);
/** The header of a write that comes with a cookie. */
export const WRITE_TOKEN_HEADER = 'x-kettle-token';

/** Lets a request through to the route that it asks for, if whoever makes it may. */
@Injectable()
export class ActorGuard implements CanActivate {
  constructor(private readonly actors: ActorsService) {}

  async canActivate(context: ExecutionContext): Promise<boolean> {
    const need = needOf(context.getHandler());
    if (need === undefined) throw new Error(`${context.getHandler().name} says no need`);
    if (need === 'nobody') return true;
    const request = context.switchToHttp().getRequest<Request>();
    const actor = await this.actors.of(request);
    if (actor !== null) setActor(request, actor);
    if (actor?.sessionId != null && !SAFE.has(request.method)) mustCarryToken(request);
    if (need === 'open') return true;
    if (actor === null) throw new NotSignedIn();
    if (!may(actor.role, need)) throw new NotAllowed(message(`problems.notAllowed.${actor.role}`));
    return true;
  }
}

/** A page of another site can have a browser send its cookie, and never this. */
function mustCarryToken(request: Request): void {
  const carried = request.headers[WRITE_TOKEN_HEADER];
  if (typeof carried !== 'string' || !isSame(carried, writeToken(secretIn(request) ?? '')))
    throw new NotSignedIn(message('problems.noToken'));
}
