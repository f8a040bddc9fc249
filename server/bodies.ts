import { EntriesDto, faultsOf, MOST_ENTRIES, VALIDATION } from '@idle-kettle/contract';
import { ValidationPipe, type ArgumentMetadata } from '@nestjs/common';
import { BadInput } from './problem/errors.ts';

/**
 * Looks at large bodies one a turn of the event loop: of many that come at once, none waits for all
 * of them, nor does anybody else.
 */
class BodiesInTurn extends ValidationPipe {
  private last: Promise<void> = Promise.resolve();

  override async transform(value: unknown, metadata: ArgumentMetadata): Promise<unknown> {
    if (metadata.type === 'body') await this.turn();
    return super.transform(value, metadata);
  }

  private turn(): Promise<void> {
    this.last = this.last.then(() => new Promise((resolve) => void setImmediate(resolve)));
    return this.last;
  }
}

/** Makes of every body what the contract says, or says what is wrong with it. */
export const BODIES = new BodiesInTurn({
  ...VALIDATION,
  transform: true,
  exceptionFactory: (errors) => new BadInput(faultsOf(errors)),
});

/** Often enough for the engine to take it seriously. */
const TIMES = 8;

/**
 * Takes the largest delivery to a log before anybody sends one: the first time costs several times
 * what the later ones do.
 */
export async function rehearse(): Promise<void> {
  for (let time = 0; time < TIMES; time += 1) {
    const entries = Array.from({ length: MOST_ENTRIES }, (_, index) => ({
      source: 'rehearsal',
      seq: index + 1,
      at: Date.now(),
      kind: 'temperature',
      value: 90,
      text: null,
    }));
    await BODIES.transform({ entries }, { type: 'body', metatype: EntriesDto });
  }
}
