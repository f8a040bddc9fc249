import {
  MOST_TAUGHT_NAMES,
  type Kitchen,
  type KitchenDto,
  type TaughtNameDto,
} from '@idle-kettle/contract';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { HouseholdService } from '../household/household.service.ts';
import { Sequelize } from 'sequelize-typescript';
import { BadInput } from '../problem/errors.ts';
import { KitchenModel } from './kitchen.model.ts';

@Injectable()
export class KitchenService {
  constructor(
    @InjectModel(KitchenModel) private readonly kitchens: typeof KitchenModel,
    private readonly households: HouseholdService,
    @InjectConnection() private readonly database: Sequelize,
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
      measures: dto.measures ?? row.measures,
      names: dto.names ?? row.names,
      prices: dto.prices ?? row.prices,
      currency: dto.currency ?? row.currency,
      setUpAt: new Date(),
    });
    return answer(row);
  }

  /** Teaches the kitchen a name; one that it knows is taught anew. Two at once both stand. */
  async teach(dto: TaughtNameDto): Promise<Kitchen> {
    const taught = { ...dto, taughtAt: new Date().toISOString() };
    return this.withNames((names) => {
      const others = names.filter(({ name }) => !isSameName(name, dto.name));
      if (others.length >= MOST_TAUGHT_NAMES) {
        throw new BadInput([
          {
            field: 'name',
            message: `A kitchen knows at most ${MOST_TAUGHT_NAMES} names of its own.`,
          },
        ]);
      }
      return [...others, taught];
    });
  }

  /** Forgets a name; one that the kitchen does not know changes nothing. */
  forget(name: string): Promise<Kitchen> {
    return this.withNames((names) => names.filter((known) => !isSameName(known.name, name)));
  }

  /** Changes the names under a lock on the kitchen, so that none is lost between reading and writing. */
  private async withNames(change: (names: TaughtNameDto[]) => TaughtNameDto[]): Promise<Kitchen> {
    const { id } = await this.row();
    return this.database.transaction(async (transaction) => {
      const row = await this.kitchens.findByPk(id, {
        transaction,
        lock: transaction.LOCK.UPDATE,
        rejectOnEmpty: true,
      });
      await row.update({ names: change(row.names) }, { transaction });
      return answer(row);
    });
  }

  private async row(): Promise<KitchenModel> {
    const householdId = await this.households.currentId();
    return this.kitchens.findOne({ where: { householdId }, rejectOnEmpty: true });
  }
}

const isSameName = (a: string, b: string): boolean => a.toLowerCase() === b.toLowerCase();

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
  measures: row.measures,
  names: row.names,
  prices: row.prices,
  currency: row.currency,
  setUp: row.setUpAt !== null,
});
