import type { Fault } from '@idle-kettle/core';
import { BadRequestException, ConflictException, NotFoundException } from '@nestjs/common';

/** The request is wrong in these places; nothing was stored. */
export class BadInput extends BadRequestException {
  constructor(readonly faults: readonly Fault[]) {
    super('Something in the request is not right; nothing was stored.');
  }
}

export class NotFound extends NotFoundException {}

/** What somebody else did meanwhile stands against it; where that lies in some fields, they are named. */
export class Conflict extends ConflictException {
  constructor(
    message: string,
    readonly faults: readonly Fault[] = [],
  ) {
    super(message);
  }
}
