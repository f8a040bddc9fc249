import type { RunnableMigration } from 'umzug';
import type { QueryInterface } from 'sequelize';
import { householdsKitchensBatches } from './001-households-kitchens-batches.ts';
import { equipmentSettingsCards } from './002-equipment-settings-cards.ts';
import { cooks } from './003-cooks.ts';
import { reading } from './004-reading.ts';
import { differencesInKelvin } from './005-differences-in-kelvin.ts';
import { versionsIdsSummaries } from './006-versions-ids-summaries.ts';
import { cupboard } from './007-cupboard.ts';
import { onTheShelf } from './008-on-the-shelf.ts';
import { jars } from './009-jars.ts';
import { stockTaken } from './010-stock-taken.ts';
import { planFaults } from './011-plan-faults.ts';
import { standardNames } from './012-standard-names.ts';
import { jarPlaces } from './013-jar-places.ts';
import { jarsFromTheLog } from './014-jars-from-the-log.ts';
import { people } from './015-people.ts';
import { passkeys } from './016-passkeys.ts';
import { book } from './017-book.ts';
import { pots } from './018-pots.ts';
import { remakes } from './019-remakes.ts';
import { jarsLiveOn } from './020-jars-live-on.ts';
import { daySheets } from './021-day-sheets.ts';

/** Every migration, oldest first. Never change one that has landed: add the next. */
export const MIGRATIONS: RunnableMigration<QueryInterface>[] = [
  householdsKitchensBatches,
  equipmentSettingsCards,
  cooks,
  reading,
  differencesInKelvin,
  versionsIdsSummaries,
  cupboard,
  onTheShelf,
  jars,
  stockTaken,
  planFaults,
  standardNames,
  jarPlaces,
  jarsFromTheLog,
  people,
  passkeys,
  book,
  pots,
  remakes,
  jarsLiveOn,
  daySheets,
];
