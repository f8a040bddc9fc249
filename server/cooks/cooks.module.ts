import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { BatchesModule } from '../batches/batches.module.ts';
import { HouseholdModule } from '../household/household.module.ts';
import { KitchenModule } from '../kitchen/kitchen.module.ts';
import { LiveModule } from '../live/live.module.ts';
import { CookModel } from './cook.model.ts';
import { CookEntryModel } from './cookEntry.model.ts';
import { CookLogService } from './cookLog.service.ts';
import { CooksController } from './cooks.controller.ts';
import { CooksService } from './cooks.service.ts';
import { DeviceRunner } from './deviceRunner.service.ts';
import { LiveViewService } from './liveView.service.ts';
import { PotService } from './pot.service.ts';
import { SimulatedDevices } from './simulatedDevices.ts';

@Module({
  imports: [
    SequelizeModule.forFeature([CookModel, CookEntryModel]),
    HouseholdModule,
    KitchenModule,
    BatchesModule,
    LiveModule,
  ],
  controllers: [CooksController],
  providers: [
    CooksService,
    CookLogService,
    LiveViewService,
    PotService,
    SimulatedDevices,
    DeviceRunner,
  ],
})
export class CooksModule {}
