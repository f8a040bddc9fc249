import { Module } from '@nestjs/common';
import { KitchenModule } from '../kitchen/kitchen.module.ts';
import { FeedService } from './feed.service.ts';
import { FruitService } from './fruit.service.ts';
import { JarEvents } from './jarEvents.service.ts';
import { JarTableModule } from './jarTable.module.ts';
import { SeasonController } from './season.controller.ts';
import { ShelfService } from './shelf.service.ts';
import { StockService } from './stock.service.ts';
import { TodayService } from './today.service.ts';

@Module({
  imports: [KitchenModule, JarTableModule],
  controllers: [SeasonController],
  providers: [FeedService, FruitService, JarEvents, ShelfService, StockService, TodayService],
})
export class SeasonModule {}
