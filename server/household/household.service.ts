import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { HouseholdModel } from './household.model.ts';

@Injectable()
export class HouseholdService {
  private id: string | null = null;

  constructor(@InjectModel(HouseholdModel) private readonly households: typeof HouseholdModel) {}

  /** The household that this installation serves: the one that the first migration made. */
  async currentId(): Promise<string> {
    // It never changes, so it is asked for once.
    this.id ??= await this.firstId();
    return this.id;
  }

  private async firstId(): Promise<string> {
    const household = await this.households.findOne({
      order: [['createdAt', 'ASC']],
      rejectOnEmpty: true,
    });
    return household.id;
  }
}
