import type { ActorRole, Author, DeviceKind, Right } from '@idle-kettle/contract';
import { createParamDecorator, SetMetadata, type ExecutionContext } from '@nestjs/common';
import type { Request } from 'express';
import type { HouseholdId } from '../household/household.model.ts';

/** Who makes a request, and for which household. */
export type Actor = {
  readonly householdId: HouseholdId;
  readonly role: ActorRole;
  readonly author: Author;
  /** What the author is called; null for whoever is at the machine itself. */
  readonly name: string | null;
  /** Of a member who is signed in. */
  readonly sessionId: string | null;
  /** Of a device: what it reads, and the cook that it is paired with. */
  readonly device: {
    readonly id: string;
    readonly kind: DeviceKind;
    readonly cookSessionId: string | null;
  } | null;
};

/**
 * What a route needs: a right; `open` for whoever asks; `nobody` where it is not looked up who does.
 */
export type Need = Right | 'open' | 'nobody';

const NEED = 'need';

/** Says what a route needs. One that does not say it answers nobody. */
export const Needs = (need: Need): MethodDecorator => SetMetadata(NEED, need);

/** What a route says it needs. */
export const needOf = (handler: object): Need | undefined =>
  Reflect.getMetadata(NEED, handler) as Need | undefined;

const ACTORS = new WeakMap<Request, Actor>();

/** Notes who makes a request, for whoever answers it; the guard alone does so. */
export const setActor = (request: Request, actor: Actor): void => void ACTORS.set(request, actor);

/** Who makes the request; null where an open route was asked by nobody who is known. */
export const actorOf = (request: Request): Actor | null => ACTORS.get(request) ?? null;

/** Who makes the request, as a parameter of a route that needs a right. */
export const By = createParamDecorator((_: unknown, context: ExecutionContext): Actor => {
  const actor = actorOf(context.switchToHttp().getRequest<Request>());
  if (actor === null) throw new Error('An open route has no actor');
  return actor;
});

/** Who makes a request of an open route, or null. */
export const MayBeBy = createParamDecorator((_: unknown, context: ExecutionContext): Actor | null =>
  actorOf(context.switchToHttp().getRequest<Request>()),
);
