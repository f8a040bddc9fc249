import { refusal } from './refusal.ts';
import { applyDecorators } from './applyDecorators.ts';
import { IsString, Matches, MaxLength, MinLength } from 'class-validator';
import { Transform } from 'class-transformer';

/** Most characters a name may have. */
export const MOST_NAME_CHARS = 120;

/** A name somebody typed: 1 to 120 characters, no markup and no control characters. */
export const IsName = (): PropertyDecorator =>
  applyDecorators(
    Transform(({ value }: { value: unknown }) =>
      typeof value === 'string' ? value.trim() : value,
    ),
    IsString({ message: refusal('requests.giveAName') }),
    MinLength(1, { message: refusal('requests.giveAName') }),
    MaxLength(MOST_NAME_CHARS, {
      message: refusal('requests.nameLength', { most: MOST_NAME_CHARS }),
    }),
    // oxlint-disable-next-line no-control-regex
    Matches(/^[^<>\u0000-\u001f]*$/, {
      message: refusal('requests.nameCharacters'),
    }),
  );
