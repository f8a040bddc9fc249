import { refusal } from './refusal.ts';
import { Matches, ValidateBy } from 'class-validator';
import { applyDecorators } from './applyDecorators.ts';
import { MayBeLeftOut } from './nested.ts';

/** What a kitchen owns and gives a name: a pot, a burner, a jar. */
type Owned = { readonly id?: unknown; readonly name?: unknown };

/** An id within a kitchen; left out for something new, which is given one. */
export const IsOwnId = (): PropertyDecorator =>
  applyDecorators(
    MayBeLeftOut(),
    Matches(/^[\w-]{1,40}$/, {
      message: refusal('requests.ownId'),
    }),
  );

const sameName = (name: unknown): unknown =>
  typeof name === 'string' ? name.trim().replace(/\s+/g, ' ').toLowerCase() : name;

/** The first name or id that two things of a list have in common; null for none. */
export function twiceIn(list: unknown): { readonly by: 'name' | 'id'; readonly is: string } | null {
  if (!Array.isArray(list)) return null;
  const things = list.filter(
    (thing): thing is Owned => typeof thing === 'object' && thing !== null,
  );
  for (const by of ['name', 'id'] as const) {
    const seen = new Set<unknown>();
    for (const thing of things) {
      const is = by === 'name' ? sameName(thing.name) : thing.id;
      if (typeof is !== 'string') continue;
      if (seen.has(is)) return { by, is: String(thing[by]).trim() };
      seen.add(is);
    }
  }
  return null;
}

/**
 * No two of a list by one name, however it is written, or by one id: nobody could tell which is
 * meant.
 */
export const AllDiffer = (): PropertyDecorator =>
  ValidateBy({
    name: 'allDiffer',
    validator: {
      validate: (list: unknown) => twiceIn(list) === null,
      defaultMessage: (args) => {
        const twice = twiceIn(args?.value);
        return refusal('requests.twice', { by: twice?.by ?? '', is: twice?.is ?? '' });
      },
    },
  });
