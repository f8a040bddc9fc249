import { IsISO8601 } from 'class-validator';
import { applyDecorators } from './applyDecorators.ts';
import { refusal } from './refusal.ts';

/** A moment as ISO 8601 has it: `2026-09-12T14:30:00.000Z`. */
export const IsMoment = (): PropertyDecorator =>
  applyDecorators(IsISO8601({ strict: true }, { message: refusal('requests.moment') }));

/** A while in which nobody is there. */
export class BreakDto {
  @IsMoment()
  from!: string;

  @IsMoment()
  to!: string;
}
