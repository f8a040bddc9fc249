import { eitherMass } from '../quantity/index.ts';
import { message } from '@idle-kettle/words/message';
import { INFUSION, INFUSION_TAKES, type Role } from './caps.ts';
import { type SafetyContext, liquidOf, EXACT } from './safetyContext.ts';
import { mostOf } from './limits.ts';
import { safetyFinding, capital, names, share, leaveOut, addMore } from './messages.ts';
import type { SafetyFinding } from './storageCase.ts';

/** Infusion, herb and wine jellies: acid of known strength to the liquid. */
export function infusionFindings(batch: SafetyContext): SafetyFinding[] {
  const { pot } = batch;
  const liquid = liquidOf(pot);
  const need = INFUSION.leastAcid * liquid;
  const acid = pot.bottled + pot.vinegar;
  const herbs = pot.of('fresh-herb');
  return [
    ...(acid < need * EXACT
      ? [
          safetyFinding(
            message('process.ofBottledLemonJuiceOr', {
              grams: eitherMass(acid),
              grams2: eitherMass(liquid),
              grams3: eitherMass(need),
            }),
            pot.rowsOf('water', 'wine'),
            addMore('lemon-juice-bottled', need - acid),
          ),
        ]
      : []),
    ...(herbs > INFUSION.mostHerbs * acid
      ? [
          safetyFinding(
            message('process.ofHerbsToOfBottled', {
              grams: eitherMass(herbs),
              grams2: eitherMass(acid),
              mostHerbs: INFUSION.mostHerbs,
            }),
            pot.rowsOf('fresh-herb'),
            addMore('lemon-juice-bottled', herbs / INFUSION.mostHerbs - acid),
          ),
        ]
      : []),
    ...(pot.of('acid-fruit') > INFUSION.mostFruit * acid
      ? [
          safetyFinding(
            message('process.withOfFruitOrJuice', { grams: eitherMass(pot.of('acid-fruit')) }),
            pot.rowsOf('acid-fruit'),
          ),
        ]
      : []),
    ...infusionRest(batch, acid),
  ];
}

/** Roles that rules of every family judge already. */
const JUDGED_EVERYWHERE: ReadonlySet<Role> = new Set([
  'egg',
  'pepper',
  'allium',
  'not-acid',
  'barred',
]);

/**
 * What else is in an infusion: of each role as much as the table says, and of spirits no more than
 * of the acid.
 */
function infusionRest(batch: SafetyContext, acid: number): SafetyFinding[] {
  const { pot } = batch;
  const spirits = pot.of('spirit');
  const beyond = (Object.keys(INFUSION_TAKES) as Role[]).filter(
    (role) => !JUDGED_EVERYWHERE.has(role) && pot.of(role) > mostOf(batch, role) / EXACT,
  );
  return [
    ...beyond.map((role) => {
      const rows = pot.rowsOf(role);
      return safetyFinding(
        INFUSION_TAKES[role] === 0
          ? message('process.inAnInfusionIsntTested', { capital: capital(names(rows)) })
          : message('process.inAnInfusionTheLimitIs', {
              capital: capital(names(rows)),
              grams: eitherMass(pot.of(role)),
              share: share(INFUSION_TAKES[role], 1),
              grams2: eitherMass(mostOf(batch, role)),
            }),
        rows,
        leaveOut(rows),
      );
    }),
    ...(spirits > acid
      ? [
          safetyFinding(
            message('process.theLimitIsAsMuch', {
              capital: capital(names(pot.rowsOf('spirit'))),
              grams: eitherMass(spirits),
              grams2: eitherMass(acid),
            }),
            pot.rowsOf('spirit'),
            leaveOut(pot.rowsOf('spirit')),
          ),
        ]
      : []),
  ];
}
