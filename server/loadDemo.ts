import 'reflect-metadata';
import { randomUUID } from 'node:crypto';
import { setTimeout } from 'node:timers/promises';
import type { Author } from '@idle-kettle/contract';
import { NestFactory } from '@nestjs/core';
import { QueryTypes } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { AppModule } from './app.module.ts';
import { BatchesService } from './batches/batches.service.ts';
import { RecipesService } from './recipes/recipes.service.ts';
import { configFrom } from './config.ts';
import { CookLogService } from './cookSessions/cookLog.service.ts';
import { JarSettler } from './cookSessions/jarSettler.service.ts';
import { CookSessionModel } from './cookSessions/cookSession.model.ts';
import {
  DEMO_BATCHES,
  DEMO_RECIPES,
  DEMO_KITCHEN,
  DEMO_OUTCOMES,
  DEMO_SEASON,
  lastTimeOn,
} from './demo/demo.ts';
import { demoJars } from './demo/demoJars.ts';
import { DEMO_DAY, DEMO_FRUIT, DEMO_SHELVES, demoLife } from './demo/demoLife.ts';
import { DaysService } from './days/days.service.ts';
import { FruitService } from './season/fruit.service.ts';
import { JarEvents } from './season/jarEvents.service.ts';
import { demoSeasonCook } from './demo/demoSeasonCook.ts';
import { BookKeeper } from './book/bookKeeper.service.ts';
import { OutcomesService } from './book/outcomes.service.ts';
import type { Actor } from './identity/actor.ts';
import { DEMO_COOK_OF, DEMO_PRACTICE, demoCook } from './demo/demoCook.ts';
import { HouseholdService } from './household/household.service.ts';
import { KitchenService } from './kitchen/kitchen.service.ts';

/** Loads the demo kitchen into a database that has not been set up yet; leaves any other alone. */
const app = await NestFactory.createApplicationContext(AppModule.with(configFrom(process.env)), {
  logger: ['error', 'warn'],
});
/** Cooling after a cook of the season, ms. */
const COOL_MS = 20 * 3_600_000;
const YESTERDAY_MS = 16 * 3_600_000;

/** Who made the entries of the demo. */
const AT_THE_MACHINE: Author = { kind: 'machine', id: null };

const batches = app.get(BatchesService);
const recipes = app.get(RecipesService);
const kitchens = app.get(KitchenService);
const { id: householdId } = await app.get(HouseholdService).ofThisMachine();
/** Whoever is at the machine itself. */
const keeper: Actor = {
  householdId,
  role: 'keeper',
  author: AT_THE_MACHINE,
  name: null,
  sessionId: null,
  device: null,
};
if (!(await kitchens.current(householdId)).setUp) {
  await clear();
  // It counts as set up when everything is there: a load that was interrupted is begun anew.
  await kitchens.setUp(householdId, DEMO_KITCHEN, false);
  for (const batch of DEMO_BATCHES) await batches.create(householdId, batch);
  for (const [first, ...later] of DEMO_RECIPES) {
    const { id } = await recipes.create(householdId, first);
    for (const version of later) await recipes.addVersion(householdId, id, version);
  }
  await throughTheSeason();
  await livedThrough();
  await planASaturday();
  await setOnTheStove();
  await everyLabel();
  await kitchens.setUp(householdId, DEMO_KITCHEN);
  console.log(`loaded the demo kitchen with ${DEMO_BATCHES.length} batches`);
}
await app.close();

/** Waits until every batch has its label. */
async function everyLabel(): Promise<void> {
  while ((await batches.list(householdId)).some(({ plan }) => plan === null)) await setTimeout(50);
}

/** Takes out what an interrupted load left behind. */
async function clear(): Promise<void> {
  await app
    .get(Sequelize)
    .query(
      'TRUNCATE batches, recipes, recipe_versions, cook_sessions, cook_session_entries, devices, pairing_codes, outcomes, photos, book_records, jars, jar_events, fruit_in_house, day_sheets',
    );
}

/** Dates of the last season for what was made in it, the cooks included. */
async function throughTheSeason(): Promise<void> {
  const listed = await batches.list(householdId);
  const kept = await recipes.list(householdId);
  for (const [nth, { name, day, state }] of DEMO_SEASON.entries()) {
    const batchId = listed.find((one) => one.name === name)?.id;
    if (batchId === undefined) throw new Error(`The demo has no batch named ${name}`);
    const { lines, settings: said } = await batches.find(householdId, batchId);
    const recipe = kept.find((one) => one.name === name);
    const settings =
      recipe === undefined
        ? said
        : { ...said, recipe: { id: recipe.id, number: recipe.versions.length } };
    const kitchen = await kitchens.current(householdId);
    // What is in its jars was cooked yesterday, so that its lids are to be pressed.
    const startedAt =
      state === 'in jars' ? new Date(Date.now() - YESTERDAY_MS) : lastTimeOn(day, new Date());
    const { entries, offMs } = demoSeasonCook(
      { lines, settings },
      kitchen,
      nth + 1,
      startedAt.getTime(),
    );
    const endedAt = new Date(offMs);
    await app
      .get(Sequelize)
      .query('UPDATE batches SET created_at = $1, updated_at = $1, done_at = $2 WHERE id = $3', {
        bind: [startedAt, state === 'done' ? new Date(endedAt.getTime() + COOL_MS) : null, batchId],
      });
    if (state === 'planned') continue;
    const startMs = startedAt.getTime();
    const isDone = state === 'done';
    const session = await CookSessionModel.create({
      id: randomUUID(),
      householdId,
      batchId,
      name,
      formula: { lines, settings },
      kitchen,
      practice: null,
      clock: { realAt: startMs, cookAt: startMs, speed: 1 },
      startedAt,
      endedAt,
      // The stock of the demo is as it is now, with these jars out of it.
      storedAt: isDone ? new Date(endedAt.getTime() + COOL_MS) : null,
    });
    const done = demoJars({ lines, settings }, kitchen, endedAt.getTime(), isDone);
    await app
      .get(CookLogService)
      .append(session.id, householdId, AT_THE_MACHINE, [...entries, ...done]);
    const outcome = DEMO_OUTCOMES[name];
    if (outcome !== undefined && isDone)
      await app.get(OutcomesService).save(keeper, session.id, { version: 0, ...outcome });
    // What it took off the stock is out of it already.
    await app.get(JarSettler).settle(session.id);
    await kitchens.setUp(householdId, DEMO_KITCHEN, false);
    // The next plan starts from what this one taught.
    await app.get(BookKeeper).workOut(householdId, session.id);
  }
  await app
    .get(Sequelize)
    .query('UPDATE batches SET plan = NULL, summary = NULL WHERE done_at IS NULL');
}

/** What became of the jars of the season, and the fruit that lies there now. */
async function livedThrough(): Promise<void> {
  const nowMs = Date.now();
  const kitchen = await kitchens.current(householdId);
  await kitchens.change(householdId, {
    version: kitchen.version,
    changes: { shelves: DEMO_SHELVES },
  });
  const stored = await app.get(Sequelize).query<{ number: number; storedAt: Date; jars: number }>(
    `SELECT session.number, session.stored_at AS "storedAt", count(*)::int AS jars
     FROM cook_sessions AS session JOIN jars AS jar ON jar.session_id = session.id
     WHERE session.stored_at IS NOT NULL AND jar.size = 1 AND jar.place = 'pantry'
     GROUP BY session.id`,
    { type: QueryTypes.SELECT },
  );
  for (const { number, storedAt, jars } of stored) {
    const events = demoLife(number, jars, storedAt.getTime(), nowMs);
    if (events.length > 0) await app.get(JarEvents).add(keeper, events);
  }
  for (const { line, place, days } of DEMO_FRUIT)
    await app.get(FruitService).add(householdId, {
      line,
      place,
      since: new Date(nowMs - days * 24 * 3_600_000).toISOString(),
    });
}

/** The next Saturday, with three batches for two. */
async function planASaturday(): Promise<void> {
  const listed = await batches.list(householdId);
  const kitchen = await kitchens.current(householdId);
  const from = new Date();
  from.setDate(from.getDate() + (6 - from.getDay() || 7));
  from.setHours(9, 0, 0, 0);
  await app.get(DaysService).create(householdId, {
    name: DEMO_DAY.name,
    from: from.toISOString(),
    finishBy: null,
    people: DEMO_DAY.people.map((name) => ({ name })),
    burners: [{ name: 'Front burner' }, { name: 'Back burner' }],
    slowCookers: [{ name: 'Slow cooker' }],
    canners: [{ name: 'Canner', halfPints: kitchen.cannerHolds ?? 7 }],
    breaks: [],
    batches: DEMO_DAY.batches.flatMap((name) => {
      const batch = listed.find((one) => one.name === name);
      return batch === undefined ? [] : [{ batchId: batch.id }];
    }),
    ticks: [],
  });
}

/** One batch half-way on the stove, with what was done to it so far. */
async function setOnTheStove(): Promise<void> {
  const listed = (await batches.list(householdId)).find(({ name }) => name === DEMO_COOK_OF);
  if (!listed) throw new Error(`The demo has no batch named ${DEMO_COOK_OF}`);
  const batch = await batches.find(householdId, listed.id);
  const kitchen = await kitchens.current(householdId);
  const now = Date.now();
  const { startMs, entries } = demoCook(batch, kitchen, now);
  const session = await CookSessionModel.create({
    id: randomUUID(),
    householdId,
    batchId: batch.id,
    name: batch.name,
    formula: { lines: batch.lines, settings: batch.settings },
    kitchen,
    practice: DEMO_PRACTICE,
    clock: { realAt: now, cookAt: now, speed: 1 },
    startedAt: new Date(startMs),
  });
  await app.get(CookLogService).append(session.id, householdId, AT_THE_MACHINE, entries);
}
