import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { HouseholdModel } from './household.model.ts';

@Injectable()
export class HouseholdService {
  constructor(@InjectModel(HouseholdModel) private readonly households: typeof HouseholdModel) {}

  /**
   * The household of this machine, which whoever is at it belongs to: the one that the first
   * migration made.
   */
  ofThisMachine(): Promise<HouseholdModel> {
    return this.households.findOne({ order: [['createdAt', 'ASC']], rejectOnEmpty: true });
  }
}
