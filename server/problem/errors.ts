import type { Fault } from '@idle-kettle/core';
import { textOf, type Text } from '@idle-kettle/words';
import { message } from '@idle-kettle/words/message';
import {
  BadRequestException,
  ConflictException,
  ForbiddenException,
  HttpException,
  HttpStatus,
  NotFoundException,
  ServiceUnavailableException,
  UnauthorizedException,
} from '@nestjs/common';

/** The request is wrong in these places; nothing was stored. */
export class BadInput extends BadRequestException {
  readonly told = message('problems.somethingInTheRequest');

  constructor(readonly faults: readonly Fault[]) {
    super(textOf(message('problems.somethingInTheRequest')));
  }
}

/** There is no such thing, or no longer. */
export class NotFound extends NotFoundException {
  constructor(readonly told: Text) {
    super(textOf(told));
  }
}

/**
 * What somebody else did meanwhile stands against it; where that lies in some fields, they are
 * named.
 */
export class Conflict extends ConflictException {
  constructor(
    readonly told: Text,
    readonly faults: readonly Fault[] = [],
  ) {
    super(textOf(told));
  }
}

/** Nobody that is known asks: they can sign in. */
export class NotSignedIn extends UnauthorizedException {
  constructor(readonly told: Text = message('problems.notSignedIn')) {
    super(textOf(told));
  }
}

/** Whoever asks is known, and may not do this. */
export class NotAllowed extends ForbiddenException {
  constructor(readonly told: Text) {
    super(textOf(told));
  }
}

/** It was tried before, and may be tried again in a while. */
export class TooSoon extends HttpException {
  constructor(
    readonly told: Text,
    /** From now, s. */
    readonly afterS: number,
  ) {
    super(textOf(told), HttpStatus.TOO_MANY_REQUESTS);
  }
}

/** The server stops: what is asked now, the next one is asked. */
export class Stopping extends ServiceUnavailableException {
  readonly told = message('problems.stopping');

  constructor() {
    super(textOf(message('problems.stopping')));
  }
}
