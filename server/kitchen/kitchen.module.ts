import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { BatchModel } from '../batches/batch.model.ts';
import { KitchenController } from './kitchen.controller.ts';
import { KitchenModel } from './kitchen.model.ts';
import { KitchenService } from './kitchen.service.ts';

@Module({
  imports: [SequelizeModule.forFeature([KitchenModel, BatchModel])],
  controllers: [KitchenController],
  providers: [KitchenService],
  exports: [KitchenService],
})
export class KitchenModule {}
