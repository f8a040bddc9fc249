import { EVENT_KINDS, READING_KINDS } from '@idle-kettle/core';
import { message, type Text } from '@idle-kettle/words/message';
import { registerDecorator, type ValidationArguments } from 'class-validator';
import { packed } from './refusal.ts';

/** Every kind that a line of a log may be of. */
export const LOGGED_KINDS: ReadonlySet<unknown> = new Set([...READING_KINDS, ...EVENT_KINDS]);

/** The first line of a log that is wrong, counted from 1, and why. */
export type LogFault = { readonly line: number; readonly why: Text };

/**
 * A log that is looked through line by line: as objects of a class a probe’s would take seconds.
 * @param faultIn null for a log without a fault
 */
export const IsLookedThrough =
  (name: string, faultIn: (log: unknown) => LogFault | null): PropertyDecorator =>
  (target, property) =>
    registerDecorator({
      name,
      target: target.constructor,
      propertyName: String(property),
      validator: {
        validate: (log: unknown) => faultIn(log) === null,
        defaultMessage: (of?: ValidationArguments) => {
          const fault = faultIn(of?.value);
          return packed(
            message('requests.logged', { line: fault?.line ?? 0, why: fault?.why ?? '' }),
          );
        },
      },
    });
