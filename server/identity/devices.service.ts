import {
  READ_BY,
  type Device,
  type DeviceEntryKind,
  type Paired,
  type PairDto,
  type PairingCode,
} from '@idle-kettle/contract';
import type { EntryKind } from '@idle-kettle/core';
import { message } from '@idle-kettle/words/message';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { randomInt } from 'node:crypto';
import { Op, QueryTypes, UniqueConstraintError } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { CookSessionModel, type CookId } from '../cookSessions/cookSession.model.ts';
import type { HouseholdId } from '../household/household.model.ts';
import { NotFound } from '../problem/errors.ts';
import type { Actor } from './actor.ts';
import { AuditService } from './audit.service.ts';
import { DeviceModel } from './device.model.ts';
import { PairingCodeModel } from './pairingCode.model.ts';
import { hashOf, newSecret } from './secrets.ts';
import { TriesService } from './tries.service.ts';

const CODES = 1_000_000;
const CODE_MS = 10 * 60_000;
/** Wrong codes from one address that cost nothing: somebody mistypes. */
const FREE_CODES = 5;
const MOST_READINGS_SHOWN = 5;

/** How a household’s devices are called in the log of a cook. */
export const sourceOfDevice = (id: string): string => `device ${id}`;

/** The devices of households, and how they come to be theirs. */
@Injectable()
export class DevicesService {
  constructor(
    @InjectModel(DeviceModel) private readonly devices: typeof DeviceModel,
    @InjectModel(PairingCodeModel) private readonly codes: typeof PairingCodeModel,
    @InjectModel(CookSessionModel) private readonly cooks: typeof CookSessionModel,
    @InjectConnection() private readonly database: Sequelize,
    private readonly tries: TriesService,
    private readonly audit: AuditService,
  ) {}

  byToken(token: string): Promise<DeviceModel | null> {
    return this.devices.findOne({ where: { secretHash: hashOf(token), isSimulated: false } });
  }

  /** Six digits for a device that is to read a cook. */
  async codeFor(householdId: HouseholdId, cookSessionId: string): Promise<PairingCode> {
    await this.mustBeACook(householdId, cookSessionId);
    await this.codes.destroy({
      where: { [Op.or]: [{ until: { [Op.lte]: new Date() } }, { householdId, cookSessionId }] },
    });
    const until = new Date(Date.now() + CODE_MS);
    for (;;) {
      const code = String(randomInt(CODES)).padStart(6, '0');
      try {
        await this.codes.create({ householdId, cookSessionId, code, until });
        return { code, until: until.toISOString() };
      } catch (error) {
        // Somebody else has it just now.
        if (!(error instanceof UniqueConstraintError)) throw error;
      }
    }
  }

  /** Takes a device in by the digits that a page shows; they are good for one. */
  async pair(dto: PairDto, address: string): Promise<Paired> {
    const key = `pair ${address}`;
    await this.tries.take(key, FREE_CODES);
    const paired = await this.takeIn(dto, false);
    await this.tries.forget(key);
    return paired;
  }

  /**
   * Pairs the simulated devices of a practice, each by digits of its own as a real one is. The
   * server makes their readings itself, so nobody is told their tokens.
   */
  async pairSimulated(
    householdId: HouseholdId,
    cookSessionId: string,
    devices: readonly Pick<PairDto, 'name' | 'kind'>[],
  ): Promise<void> {
    for (const device of devices) {
      const { code } = await this.codeFor(householdId, cookSessionId);
      await this.takeIn({ ...device, code }, true);
    }
  }

  private async takeIn({ code, name, kind }: PairDto, isSimulated: boolean): Promise<Paired> {
    const found = await this.codes.findOne({ where: { code, until: { [Op.gt]: new Date() } } });
    if (found === null) throw new NotFound(message('problems.noSuchPairingCode'));
    const token = newSecret();
    const { householdId, cookSessionId } = found;
    const device = await this.database.transaction(async (transaction) => {
      if ((await this.codes.destroy({ where: { id: found.id }, transaction })) === 0)
        throw new NotFound(message('problems.noSuchPairingCode'));
      const one = await this.devices.create(
        { householdId, name, kind, isSimulated, secretHash: hashOf(token), cookSessionId },
        { transaction },
      );
      if (!isSimulated)
        await this.audit.note({ householdId, name }, 'device-paired', kind, transaction);
      return one;
    });
    return { id: device.id, token, cookSessionId };
  }

  /** The simulated devices of a cook, by the kind of what they read. */
  async simulated(cookSessionId: CookId): Promise<ReadonlyMap<EntryKind, string>> {
    const rows = await this.devices.findAll({
      attributes: ['id', 'kind'],
      where: { cookSessionId, isSimulated: true },
    });
    return new Map(rows.map(({ id, kind }) => [READ_BY[kind], id]));
  }

  /** The devices of a household, the last paired first, with what they read last. */
  async list(householdId: HouseholdId): Promise<Device[]> {
    const rows = await this.devices.findAll({
      where: { householdId, isSimulated: false },
      order: [['createdAt', 'DESC']],
    });
    return Promise.all(rows.map((row) => this.told(row)));
  }

  /** Has a device read another cook from now on. */
  async setCook(householdId: HouseholdId, id: string, cookSessionId: string): Promise<Device> {
    await this.mustBeACook(householdId, cookSessionId);
    const row = await this.row(householdId, id);
    await row.update({ cookSessionId });
    return this.told(row);
  }

  async remove(actor: Actor, id: string): Promise<void> {
    const row = await this.row(actor.householdId, id);
    await row.destroy();
    await this.audit.note(actor, 'device-removed', row.name);
  }

  /** Notes that a device sent something. */
  async heard(id: string): Promise<void> {
    await this.devices.update({ heardAt: new Date() }, { where: { id } });
  }

  private async told(row: DeviceModel): Promise<Device> {
    const cook =
      row.cookSessionId === null
        ? null
        : await this.cooks.findOne({
            attributes: ['id', 'name'],
            where: { id: row.cookSessionId, householdId: row.householdId },
          });
    const readings = await this.database.query<{ at: Date; kind: DeviceEntryKind; value: number }>(
      `SELECT at, kind, value FROM cook_session_entries
       WHERE session_id = $1 AND source = $2 ORDER BY seq DESC LIMIT $3`,
      {
        type: QueryTypes.SELECT,
        bind: [row.cookSessionId, sourceOfDevice(row.id), MOST_READINGS_SHOWN],
      },
    );
    return {
      id: row.id,
      name: row.name,
      kind: row.kind,
      cook: cook === null ? null : { id: cook.id, name: cook.name },
      pairedAt: row.createdAt.toISOString(),
      heardAt: row.heardAt?.toISOString() ?? null,
      readings: readings.map(({ at, kind, value }) => ({ at: at.toISOString(), kind, value })),
    };
  }

  private async row(householdId: HouseholdId, id: string): Promise<DeviceModel> {
    const row = await this.devices.findOne({ where: { id, householdId, isSimulated: false } });
    if (row === null) throw new NotFound(message('problems.noSuchDevice'));
    return row;
  }

  private async mustBeACook(householdId: HouseholdId, id: string): Promise<void> {
    if ((await this.cooks.count({ where: { id, householdId } })) === 0)
      throw new NotFound(message('problems.noSuchCook'));
  }
}
