import type { MouseEvent } from 'react';

/**
 * Presses after the first of a double press are not counted: by then another button may stand where
 * the first was.
 */
export const oncePressed =
  (press: () => void) =>
  ({ detail }: Pick<MouseEvent, 'detail'>): void => {
    if (detail <= 1) press();
  };
