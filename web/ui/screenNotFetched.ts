/**
 * The code of a screen could not be fetched: no network just then, or a server that was changed
 * meanwhile.
 */
export class ScreenNotFetched extends Error {
  constructor(cause: unknown) {
    super('The code of a screen could not be fetched', { cause });
  }
}
