import type { SequelizeModuleOptions } from '@nestjs/sequelize';
import { BatchModel } from '../batches/batch.model.ts';
import { CardModel } from '../cards/card.model.ts';
import { CardVersionModel } from '../cards/cardVersion.model.ts';
import { CookModel } from '../cooks/cook.model.ts';
import { CookEntryModel } from '../cooks/cookEntry.model.ts';
import { HouseholdModel } from '../household/household.model.ts';
import { KitchenModel } from '../kitchen/kitchen.model.ts';

/** How every process of the app talks to PostgreSQL. */
export const sequelizeOptions = (databaseUrl: string): SequelizeModuleOptions => ({
  dialect: 'postgres',
  uri: databaseUrl,
  models: [
    HouseholdModel,
    KitchenModel,
    BatchModel,
    CardModel,
    CardVersionModel,
    CookModel,
    CookEntryModel,
  ],
  autoLoadModels: false,
  synchronize: false,
  logging: false,
  retryAttempts: 3,
  retryDelay: 500,
  pool: { max: 10, min: 0, acquire: 5000, idle: 10_000 },
});
