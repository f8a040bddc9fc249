import 'reflect-metadata';
import { NestFactory } from '@nestjs/core';
import { AppModule } from './app.module.ts';
import { BookKeeper } from './book/bookKeeper.service.ts';
import { configFrom } from './config.ts';
import { JarSettler } from './cookSessions/jarSettler.service.ts';

/** Works out anew, from what is kept, everything that is worked out: records and what is known. */
const app = await NestFactory.createApplicationContext(AppModule.with(configFrom(process.env)), {
  logger: ['error', 'warn'],
});
const cooks = await app.get(BookKeeper).rebuild();
console.log(`worked out ${cooks} cooks, and what their kitchens know`);
const jars = await app.get(JarSettler).rebuild();
console.log(`told of the jars of ${jars} cooks`);
await app.close();
