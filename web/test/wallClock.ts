import { browserPorts } from '../stove/browserPorts.ts';

/** Lets the kitchen’s clock be the one that a test sets, which nobody else would set. */
export const goByTheWall = (): void => {
  jest.spyOn(browserPorts.serverClock, 'now').mockImplementation(() => Date.now());
};
