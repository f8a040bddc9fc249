import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { BatchesModule } from '../batches/batches.module.ts';
import { KitchenModule } from '../kitchen/kitchen.module.ts';
import { JarTableModule } from '../season/jarTable.module.ts';
import { LiveModule } from '../live/live.module.ts';
import { CookSessionModel } from './cookSession.model.ts';
import { SessionEntryModel } from './sessionEntry.model.ts';
import { CookLogService } from './cookLog.service.ts';
import { CookSessionsController } from './cookSessions.controller.ts';
import { CookSessionsService } from './cookSessions.service.ts';
import { DeviceRunner } from './deviceRunner.service.ts';
import { JarSettler } from './jarSettler.service.ts';
import { LiveViewService } from './liveView.service.ts';
import { ReadingsController } from './readings.controller.ts';
import { ReadingsService } from './readings.service.ts';
import { PotService } from './pot.service.ts';
import { SimulatedDevices } from './simulatedDevices.ts';

@Module({
  imports: [
    SequelizeModule.forFeature([CookSessionModel, SessionEntryModel]),
    KitchenModule,
    BatchesModule,
    LiveModule,
    JarTableModule,
  ],
  controllers: [CookSessionsController, ReadingsController],
  providers: [
    CookSessionsService,
    CookLogService,
    JarSettler,
    LiveViewService,
    PotService,
    SimulatedDevices,
    DeviceRunner,
    ReadingsService,
  ],
  exports: [CookLogService],
})
export class CookSessionsModule {}
