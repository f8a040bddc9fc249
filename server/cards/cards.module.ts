import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { HouseholdModule } from '../household/household.module.ts';
import { CardModel } from './card.model.ts';
import { CardVersionModel } from './cardVersion.model.ts';
import { CardsController } from './cards.controller.ts';
import { CardsService } from './cards.service.ts';

@Module({
  imports: [SequelizeModule.forFeature([CardModel, CardVersionModel]), HouseholdModule],
  controllers: [CardsController],
  providers: [CardsService],
  exports: [CardsService],
})
export class CardsModule {}
