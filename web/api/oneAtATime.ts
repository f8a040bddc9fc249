import type { MutateOptions, UseMutationResult } from '@tanstack/react-query';
import { useRef } from 'react';

type Pressed<Data, Failure, Asked> = Omit<UseMutationResult<Data, Failure, Asked>, 'mutate'> & {
  readonly mutate: (asked: Asked, options?: MutateOptions<Data, Failure, Asked>) => void;
};

/**
 * A mutation whose second press is none while the first is under way: it comes before the button is
 * drawn as busy, and would mean the same thing.
 */
export function useOneAtATime<Data, Failure, Asked>(
  mutation: Pressed<Data, Failure, Asked>,
): Pressed<Data, Failure, Asked> {
  const isSending = useRef(false);
  return {
    ...mutation,
    mutate: (asked, options) => {
      if (isSending.current) return;
      isSending.current = true;
      mutation.mutate(asked, {
        ...options,
        onSettled: (...settled) => {
          isSending.current = false;
          options?.onSettled?.(...settled);
        },
      });
    },
  };
}
