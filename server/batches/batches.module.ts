import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { KitchenModule } from '../kitchen/kitchen.module.ts';
import { CookSessionModel } from '../cookSessions/cookSession.model.ts';
import { BatchModel } from './batch.model.ts';
import { BatchesController } from './batches.controller.ts';
import { BatchesService } from './batches.service.ts';

@Module({
  imports: [SequelizeModule.forFeature([BatchModel, CookSessionModel]), KitchenModule],
  controllers: [BatchesController],
  providers: [BatchesService],
  exports: [BatchesService],
})
export class BatchesModule {}
