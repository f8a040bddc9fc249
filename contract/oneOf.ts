import { IsIn } from 'class-validator';
import { refusal } from './refusal.ts';

/** One of some words, which the message lists. */
export const IsOneOf = (choices: readonly string[]): PropertyDecorator =>
  IsIn(choices, { message: refusal('requests.oneOf', { choices: choices.join(', ') }) });
