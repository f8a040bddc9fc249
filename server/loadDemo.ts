import 'reflect-metadata';
import { NestFactory } from '@nestjs/core';
import { AppModule } from './app.module.ts';
import { BatchesService } from './batches/batches.service.ts';
import { CardsService } from './cards/cards.service.ts';
import { configFrom } from './config.ts';
import { DEMO_BATCHES, DEMO_CARDS, DEMO_KITCHEN } from './demo/demo.ts';
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
  console.log(`loaded the demo kitchen with ${DEMO_BATCHES.length} batches`);
}
await app.close();
