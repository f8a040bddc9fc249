import 'reflect-metadata';
import { randomUUID } from 'node:crypto';
import { NestFactory } from '@nestjs/core';
import { AppModule } from './app.module.ts';
import { BatchesService } from './batches/batches.service.ts';
import { CardsService } from './cards/cards.service.ts';
import { configFrom } from './config.ts';
import { CookLogService } from './cooks/cookLog.service.ts';
import { CookModel } from './cooks/cook.model.ts';
import { DEMO_BATCHES, DEMO_CARDS, DEMO_KITCHEN } from './demo/demo.ts';
import { DEMO_COOK_OF, DEMO_PRACTICE, demoCook } from './demo/demoCook.ts';
import { HouseholdService } from './household/household.service.ts';
import { KitchenService } from './kitchen/kitchen.service.ts';

/** Loads the demo kitchen into a database that has not been set up yet; leaves any other alone. */
const app = await NestFactory.createApplicationContext(AppModule.with(configFrom(process.env)), {
  logger: ['error', 'warn'],
});
const kitchens = app.get(KitchenService);
const batches = app.get(BatchesService);
const cards = app.get(CardsService);
if (!(await kitchens.current()).setUp) {
  await kitchens.setUp(DEMO_KITCHEN);
  for (const batch of DEMO_BATCHES) await batches.create(batch);
  for (const [first, ...later] of DEMO_CARDS) {
    const { id } = await cards.create(first);
    for (const version of later) await cards.addVersion(id, version);
  }
  await setOnTheStove();
  console.log(`loaded the demo kitchen with ${DEMO_BATCHES.length} batches`);
}
await app.close();

/** One batch half-way on the stove, with what was done to it so far. */
async function setOnTheStove(): Promise<void> {
  const batch = (await batches.list()).find(({ name }) => name === DEMO_COOK_OF);
  if (!batch) throw new Error(`The demo has no batch named ${DEMO_COOK_OF}`);
  const kitchen = await kitchens.current();
  const now = Date.now();
  const { startMs, entries } = demoCook(batch, kitchen, now);
  const cook = await CookModel.create({
    id: randomUUID(),
    householdId: await app.get(HouseholdService).currentId(),
    batchId: batch.id,
    name: batch.name,
    formula: { lines: batch.lines, settings: batch.settings },
    kitchen,
    practice: DEMO_PRACTICE,
    clock: { realAt: now, cookAt: now, speed: 1 },
    startedAt: new Date(startMs),
  });
  await app.get(CookLogService).append(cook.id, cook.householdId, entries);
}
