import { IsInt, IsNumber, Max, Min } from 'class-validator';
import { refusal } from './refusal.ts';
import { applyDecorators } from './applyDecorators.ts';

/** The message of a number outside its range. */
const between = (low: number, high: number, unit: string) => ({
  message:
    unit === ''
      ? refusal('requests.between', { low, high })
      : refusal('requests.betweenUnit', { low, high, unit }),
});

/** A finite number within a range, named by its unit in the message. */
export const IsBetween = (low: number, high: number, unit = ''): PropertyDecorator => {
  const message = between(low, high, unit);
  return applyDecorators(
    IsNumber({ allowNaN: false, allowInfinity: false }, message),
    Min(low, message),
    Max(high, message),
  );
};

/** A whole number within a range. */
export const IsWholeBetween = (low: number, high: number, unit = ''): PropertyDecorator => {
  const message = between(low, high, unit);
  return applyDecorators(IsInt(message), Min(low, message), Max(high, message));
};
