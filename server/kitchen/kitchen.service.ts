import type { Kitchen, KitchenDto } from '@idle-kettle/contract';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { HouseholdService } from '../household/household.service.ts';
import { KitchenModel } from './kitchen.model.ts';

@Injectable()
export class KitchenService {
  constructor(
    @InjectModel(KitchenModel) private readonly kitchens: typeof KitchenModel,
    private readonly households: HouseholdService,
  ) {}

  async current(): Promise<Kitchen> {
    return answer(await this.row());
  }

  async setUp(dto: KitchenDto): Promise<Kitchen> {
    const row = await this.row();
    await row.update({
      name: dto.name,
      altitudeM: dto.altitudeM ?? null,
      waterBoilsC: dto.waterBoilsC ?? null,
      units: dto.units,
      temperature: dto.temperature,
      altitudeUnit: dto.altitudeUnit,
      school: dto.school,
      // What stands in the kitchen stays as it is where the form does not speak of it.
      canner: dto.canner ?? row.canner,
      pots: dto.pots ?? row.pots,
      burners: dto.burners ?? row.burners,
      jars: dto.jars ?? row.jars,
      packs: dto.packs ?? row.packs,
      prices: dto.prices ?? row.prices,
      currency: dto.currency ?? row.currency,
      setUpAt: new Date(),
    });
    return answer(row);
  }

  private async row(): Promise<KitchenModel> {
    const householdId = await this.households.currentId();
    return this.kitchens.findOne({ where: { householdId }, rejectOnEmpty: true });
  }
}

const answer = (row: KitchenModel): Kitchen => ({
  id: row.id,
  name: row.name,
  altitudeM: row.altitudeM,
  waterBoilsC: row.waterBoilsC,
  units: row.units,
  temperature: row.temperature,
  altitudeUnit: row.altitudeUnit,
  school: row.school,
  canner: row.canner,
  pots: row.pots,
  burners: row.burners,
  jars: row.jars,
  packs: row.packs,
  prices: row.prices,
  currency: row.currency,
  setUp: row.setUpAt !== null,
});
