import type { SequelizeModuleOptions } from '@nestjs/sequelize';
import { BookRecordModel } from '../book/bookRecord.model.ts';
import { OutcomeModel } from '../book/outcome.model.ts';
import { PhotoModel } from '../book/photo.model.ts';
import { BatchModel } from '../batches/batch.model.ts';
import { RecipeModel } from '../recipes/recipe.model.ts';
import { RecipeVersionModel } from '../recipes/recipeVersion.model.ts';
import { CookSessionModel } from '../cookSessions/cookSession.model.ts';
import { SessionEntryModel } from '../cookSessions/sessionEntry.model.ts';
import { HouseholdModel } from '../household/household.model.ts';
import { AuditEventModel } from '../identity/auditEvent.model.ts';
import { DeviceModel } from '../identity/device.model.ts';
import { InviteModel } from '../identity/invite.model.ts';
import { MemberModel } from '../identity/member.model.ts';
import { MemberSessionModel } from '../identity/memberSession.model.ts';
import { PairingCodeModel } from '../identity/pairingCode.model.ts';
import { PasskeyModel } from '../identity/passkey.model.ts';
import { KitchenModel } from '../kitchen/kitchen.model.ts';

/**
 * A database that is paused or locked is told within this time, and holds nobody up for longer:
 * PostgreSQL gives a statement up first, the client gives the database up a little later; ms.
 */
const GIVEN_UP_MS = 4000;
const CLIENT_GIVES_UP_MS = 4500;

/** How every process of the app talks to PostgreSQL. */
export const sequelizeOptions = (databaseUrl: string): SequelizeModuleOptions => ({
  dialect: 'postgres',
  uri: databaseUrl,
  models: [
    HouseholdModel,
    KitchenModel,
    BatchModel,
    RecipeModel,
    RecipeVersionModel,
    CookSessionModel,
    SessionEntryModel,
    MemberModel,
    MemberSessionModel,
    InviteModel,
    DeviceModel,
    PairingCodeModel,
    PasskeyModel,
    AuditEventModel,
    OutcomeModel,
    PhotoModel,
    BookRecordModel,
  ],
  autoLoadModels: false,
  synchronize: false,
  logging: false,
  retryAttempts: 3,
  retryDelay: 500,
  pool: { max: 10, min: 0, acquire: GIVEN_UP_MS, idle: 10_000 },
  dialectOptions: {
    connectionTimeoutMillis: GIVEN_UP_MS,
    statement_timeout: GIVEN_UP_MS,
    query_timeout: CLIENT_GIVES_UP_MS,
  },
});
