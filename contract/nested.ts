import { Type } from 'class-transformer';
import { IsObject, ValidateIf, ValidateNested } from 'class-validator';
import { applyDecorators } from './applyDecorators.ts';

type Class = new () => object;

/** An object of a class, really validated: a list is none, and neither is null. */
export const IsPart = (type: () => Class, message: string): PropertyDecorator =>
  applyDecorators(IsObject({ message }), ValidateNested({ message }), Type(type));

/** A list of objects of a class, each really validated. */
export const AreParts = (type: () => Class, message: string): PropertyDecorator =>
  applyDecorators(
    IsObject({ each: true, message }),
    ValidateNested({ each: true, message }),
    Type(type),
  );

/** May be left out; null is not left out. */
export const MayBeLeftOut = (): PropertyDecorator =>
  ValidateIf((_, value: unknown) => value !== undefined);
