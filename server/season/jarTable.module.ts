import { Module } from '@nestjs/common';
import { KitchenModule } from '../kitchen/kitchen.module.ts';
import { JarTable } from './jarTable.service.ts';

@Module({ imports: [KitchenModule], providers: [JarTable], exports: [JarTable] })
export class JarTableModule {}
