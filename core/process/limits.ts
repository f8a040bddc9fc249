import { message } from '@idle-kettle/words/message';
import { CAPS, CURD, INFUSION_TAKES, MOST_NUTS, MOST_ZEST, type Role } from './caps.ts';
import { safetyFinding, capital, leaveOut, names } from './messages.ts';
import { EXACT, type SafetyContext } from './safetyContext.ts';
import type { SafetyFinding } from './storageCase.ts';

/** A kind of spread with rules of its own. */
export type Family = SafetyContext['family'];

/** What a limit is a share of. */
type Base = 'fruit' | 'fruit and sugar' | 'bottled acid and vinegar' | 'bottled juice';

/** How much of a role a family takes. */
export type Limit =
  /** It is made of it; what it requires of it a rule of its own holds. */
  | { readonly kind: 'made of' }
  | { readonly kind: 'none' }
  | { readonly kind: 'at most'; readonly share: number; readonly of: Base };

const MADE_OF: Limit = { kind: 'made of' };
const NONE: Limit = { kind: 'none' };
const atMost = (share: number, of: Base): Limit =>
  share === Infinity ? MADE_OF : share === 0 ? NONE : { kind: 'at most', share, of };

/** The cap of a role in spreads of fruit; none where it has none. */
function capped(role: Role): Limit {
  const cap = CAPS.find((one) => one.role === role);
  return cap === undefined ? NONE : atMost(cap.most, cap.of);
}

const IN_FRUIT = {
  'dry-spice': capped('dry-spice'),
  flavouring: capped('flavouring'),
  candied: capped('candied'),
  spirit: capped('spirit'),
  wine: capped('wine'),
  salt: capped('salt'),
  butter: capped('butter'),
  // In a conserve, and as much zest as it likes in a marmalade.
  nut: atMost(MOST_NUTS, 'fruit'),
  zest: atMost(MOST_ZEST, 'fruit'),
  'acid-fruit': MADE_OF,
  'citrus-juice': MADE_OF,
  vinegar: MADE_OF,
  'other-acid': MADE_OF,
  sweetener: MADE_OF,
  pectin: MADE_OF,
  water: MADE_OF,
  'not-acid': NONE,
  barred: NONE,
  egg: NONE,
} as const;

const infusion = (role: Role): Limit => atMost(INFUSION_TAKES[role], 'bottled acid and vinegar');

/**
 * What every family takes of every role: a role that a family does not speak of is a fault of the
 * types.
 */
export const LIMITS: { readonly [family in Family]: { readonly [role in Role]: Limit } } = {
  spread: { ...IN_FRUIT, 'fresh-herb': capped('fresh-herb'), pepper: NONE, allium: NONE },
  pepper: { ...IN_FRUIT, 'fresh-herb': MADE_OF, pepper: MADE_OF, allium: MADE_OF, nut: NONE },
  infusion: {
    'acid-fruit': infusion('acid-fruit'),
    'not-acid': infusion('not-acid'),
    pepper: infusion('pepper'),
    allium: infusion('allium'),
    'citrus-juice': infusion('citrus-juice'),
    vinegar: infusion('vinegar'),
    'other-acid': infusion('other-acid'),
    sweetener: infusion('sweetener'),
    pectin: infusion('pectin'),
    water: infusion('water'),
    'fresh-herb': infusion('fresh-herb'),
    'dry-spice': infusion('dry-spice'),
    flavouring: infusion('flavouring'),
    candied: infusion('candied'),
    spirit: infusion('spirit'),
    wine: infusion('wine'),
    zest: infusion('zest'),
    butter: infusion('butter'),
    nut: infusion('nut'),
    egg: infusion('egg'),
    salt: infusion('salt'),
    barred: infusion('barred'),
  },
  curd: {
    'citrus-juice': MADE_OF,
    sweetener: MADE_OF,
    egg: atMost(CURD.mostEgg, 'bottled juice'),
    butter: atMost(CURD.mostButter, 'bottled juice'),
    zest: atMost(CURD.mostZest, 'bottled juice'),
    'acid-fruit': NONE,
    'not-acid': NONE,
    pepper: NONE,
    allium: NONE,
    vinegar: NONE,
    'other-acid': NONE,
    pectin: NONE,
    water: NONE,
    'fresh-herb': NONE,
    'dry-spice': NONE,
    flavouring: NONE,
    candied: NONE,
    spirit: NONE,
    wine: NONE,
    nut: NONE,
    salt: NONE,
    barred: NONE,
  },
};

/** Roles of which a named formula may hold more than our limit; butter is fat, and it may not. */
const NAMED_MAY_HOLD_MORE: ReadonlySet<Role> = new Set([
  'fresh-herb',
  'dry-spice',
  'flavouring',
  'salt',
  'spirit',
  'zest',
  'nut',
]);

const baseOf = ({ pot, family }: SafetyContext, of: Base): number => {
  const fruit = pot.acidFruit + (family === 'pepper' ? pot.vinegar : 0);
  switch (of) {
    case 'fruit':
      return fruit;
    case 'fruit and sugar':
      return fruit + pot.of('sweetener');
    case 'bottled acid and vinegar':
      return pot.bottled + pot.vinegar;
    case 'bottled juice':
      return pot.bottled;
  }
};

const isShareOfNothing = (batch: SafetyContext, role: Role): boolean => {
  const limit = LIMITS[batch.family][role];
  return limit.kind === 'at most' && baseOf(batch, limit.of) === 0;
};

/**
 * Most of a role that a batch may hold.
 * @returns g; Infinity for what its family is made of
 */
export function mostOf(batch: SafetyContext, role: Role): number {
  const { family, found, slack } = batch;
  if (role === 'zest' && family === 'spread' && found.product === 'marmalade') return Infinity;
  if (role === 'nut' && family === 'spread' && found.product !== 'conserve') return 0;
  const limit = LIMITS[family][role];
  if (limit.kind !== 'at most') return limit.kind === 'none' ? 0 : Infinity;
  const isExcused = (family === 'spread' || family === 'pepper') && NAMED_MAY_HOLD_MORE.has(role);
  return (isExcused ? slack : 1) * limit.share * baseOf(batch, limit.of);
}

/**
 * What a batch holds beyond the table and no rule has spoken of: a rule may say it better, and none
 * can forget it.
 * @param said what the rules of its family found
 */
export function beyondLimits(
  batch: SafetyContext,
  said: readonly SafetyFinding[],
): SafetyFinding[] {
  const spoken = new Set(said.flatMap(({ rows }) => rows));
  return (Object.keys(LIMITS[batch.family]) as Role[]).flatMap((role) => {
    const have = batch.pot.of(role);
    if (have === 0 || have <= mostOf(batch, role) / EXACT) return [];
    // Where there is nothing that it is a share of, what is missing stands against the batch, and
    // not all that goes with it.
    if (said.length > 0 && isShareOfNothing(batch, role)) return [];
    const rows = batch.pot.rowsOf(role).filter((id) => !spoken.has(id));
    return rows.length === 0
      ? []
      : [
          safetyFinding(
            message('process.beyondTheTable', { names: capital(names(rows)) }),
            rows,
            leaveOut(rows),
          ),
        ];
  });
}
