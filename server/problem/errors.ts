import type { Fault } from '@idle-kettle/core';
import { BadRequestException, ConflictException, NotFoundException } from '@nestjs/common';

/** The request is wrong in these places; nothing was stored. */
export class BadInput extends BadRequestException {
  constructor(readonly faults: readonly Fault[]) {
    super('Something in the request is not right; nothing was stored.');
  }
}

export class NotFound extends NotFoundException {}

export class Conflict extends ConflictException {}
