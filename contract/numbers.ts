import { IsInt, IsNumber, Max, Min } from 'class-validator';
import { applyDecorators } from './applyDecorators.ts';

/** The message of a number outside its range. */
const between = (low: number, high: number, unit: string) => ({
  message: `$property must be a number from ${low} to ${high}${unit === '' ? '' : ` ${unit}`}.`,
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
