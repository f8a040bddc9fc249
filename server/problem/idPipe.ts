import type { Text } from '@idle-kettle/words';
import { ParseUUIDPipe } from '@nestjs/common';
import { NotFound } from './errors.ts';

/** An id in a path; what is none is answered as a thing that is not there. */
export const idPipe = (told: Text): ParseUUIDPipe =>
  new ParseUUIDPipe({ exceptionFactory: () => new NotFound(told) });
