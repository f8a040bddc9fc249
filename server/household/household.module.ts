import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { HouseholdModel } from './household.model.ts';
import { HouseholdService } from './household.service.ts';

@Module({
  imports: [SequelizeModule.forFeature([HouseholdModel])],
  providers: [HouseholdService],
  exports: [HouseholdService],
})
export class HouseholdModule {}
