import { Module } from '@nestjs/common';
import { CookSessionsModule } from '../cookSessions/cookSessions.module.ts';
import { KitchenModule } from '../kitchen/kitchen.module.ts';
import { DayPlanService } from './dayPlan.service.ts';
import { DaysController } from './days.controller.ts';
import { DaysService } from './days.service.ts';

@Module({
  imports: [KitchenModule, CookSessionsModule],
  controllers: [DaysController],
  providers: [DaysService, DayPlanService],
})
export class DaysModule {}
