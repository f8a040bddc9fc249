import { kitchenTime, type Author } from '@idle-kettle/contract';
import type { Entry } from '@idle-kettle/core';
import {
  Injectable,
  Logger,
  type OnApplicationBootstrap,
  type OnModuleDestroy,
} from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { ConnectionError, Op } from 'sequelize';
import { ServerClock } from '../clock/serverClock.service.ts';
import { DevicesService } from '../identity/devices.service.ts';
import { CookLogService } from './cookLog.service.ts';
import { CookSessionModel, type CookId } from './cookSession.model.ts';
import type { DeviceDriver } from './devices.ts';
import { SimulatedDevices } from './simulatedDevices.ts';

/** Between two looks at the devices, ms: a practice that runs fast is read in steps of this. */
const EVERY_MS = 250;
/** Between two looks for cooks that were begun, ended or changed elsewhere, ms. */
const LIST_EVERY_MS = 1000;
/**
 * A pot to which nothing has happened for this long is no longer read, until something does:
 * minutes of the wall’s clock.
 */
const FORGOTTEN_MIN = 10;
/** Nor is one at which nobody has done anything for this long, h of the kitchen’s clock. */
const LEFT_ALONE_H = 4;
/** After a time without any server no more than this is made up for, s of the kitchen’s clock. */
const LONGEST_GAP_S = 3600;
/**
 * So far ahead a device is read at once, s of the wall’s clock: as long as nothing is done at the
 * pot, what it will show is known, and is handed out second by second.
 */
const AHEAD_S = 120;

/** What a device will show of a cook, as long as nothing is done at it. */
type Ahead = {
  /** How many events of the log it goes by. */
  readonly events: number;
  readonly untilS: number;
  readonly readings: readonly (Entry & { readonly by: Author })[];
};

/** A cook whose devices are read. */
type Driven = Pick<CookSessionModel, 'id' | 'practice' | 'clock' | 'startedAt' | 'events'>;

/**
 * Asks the devices of every cook that is on, again and again. Any number of servers may do so at
 * once.
 */
@Injectable()
export class DeviceRunner implements OnApplicationBootstrap, OnModuleDestroy {
  private readonly logger = new Logger(DeviceRunner.name);
  private readonly drivers: readonly DeviceDriver[];
  private timer: NodeJS.Timeout | null = null;
  private stopped = false;
  private failing = false;
  private on: readonly Driven[] = [];
  private listedAt = 0;
  /** By the cook and the device. */
  private readonly ahead = new Map<string, Ahead>();
  /** The last second of each that was read, as far as this server knows. */
  private readonly readToS = new Map<string, number>();
  /** Cooks whose devices could not be read the last time. */
  private readonly ill = new Set<string>();

  constructor(
    @InjectModel(CookSessionModel) private readonly sessions: typeof CookSessionModel,
    private readonly log: CookLogService,
    private readonly clock: ServerClock,
    private readonly devices: DevicesService,
    simulated: SimulatedDevices,
  ) {
    this.drivers = [simulated];
  }

  onApplicationBootstrap(): void {
    void this.turn();
  }

  onModuleDestroy(): void {
    this.stopped = true;
    if (this.timer) clearTimeout(this.timer);
  }

  private async turn(): Promise<void> {
    try {
      if (performance.now() - this.listedAt >= LIST_EVERY_MS) await this.list();
      await this.readAll();
      this.failing = false;
    } catch (error) {
      // Said once, not four times a second until the database is back.
      if (!this.failing && !this.stopped)
        this.logger.warn(`The devices could not be read: ${String(error)}`);
      this.failing = true;
    }
    if (!this.stopped) this.timer = setTimeout(() => void this.turn(), EVERY_MS);
  }

  private async list(): Promise<void> {
    this.on = await this.sessions.findAll({
      attributes: ['id', 'practice', 'clock', 'startedAt', 'events'],
      where: {
        endedAt: null,
        practice: { [Op.ne]: null },
        updatedAt: { [Op.gt]: new Date(Date.now() - FORGOTTEN_MIN * 60_000) },
      },
      order: [['startedAt', 'ASC']],
      raw: true,
    });
    this.listedAt = performance.now();
    const ids = new Set<string>(this.on.map(({ id }) => id));
    for (const known of [this.ahead, this.readToS])
      for (const key of known.keys()) if (!ids.has(key.split(' ')[0] ?? '')) known.delete(key);
  }

  private async readAll(): Promise<void> {
    for (const cook of this.on) {
      for (const driver of this.drivers.filter((one) => one.reads(cook))) {
        try {
          await this.read(driver, cook);
          this.ill.delete(cook.id);
        } catch (error) {
          if (this.stopped) return;
          if (error instanceof ConnectionError) throw error;
          // One cook that cannot be read harms no other; it is said once.
          if (!this.ill.has(cook.id))
            this.logger.warn(`The devices of cook ${cook.id} could not be read: ${String(error)}`);
          this.ill.add(cook.id);
        }
      }
    }
  }

  /** Hands out what a device shows by now, and writes it down unless something was done meanwhile. */
  private async read(driver: DeviceDriver, cook: Driven): Promise<void> {
    const key = `${cook.id} ${driver.source}`;
    const startMs = new Date(cook.startedAt).getTime();
    const toS = Math.floor((kitchenTime(cook.clock, this.clock.now()) - startMs) / 1000);
    const last = this.readToS.get(key) ?? (await this.log.lastSeq(cook.id, driver.source));
    const fromS = Math.max(last, toS - LONGEST_GAP_S);
    if (toS <= fromS) return;
    const known = this.ahead.get(key);
    const { events, untilS, readings } =
      known !== undefined && known.events === cook.events && known.untilS >= toS
        ? known
        : await this.lookAhead(driver, cook.id, fromS, toS);
    const due = readings.filter(({ seq }) => seq > fromS && seq <= toS);
    if (due.length > 0 && !(await this.log.appendReadings(cook.id, events, due))) {
      // Something was done since it was listed, perhaps by another server: it is looked at anew.
      this.ahead.delete(key);
      this.readToS.delete(key);
      this.listedAt = 0;
      return;
    }
    if (untilS >= toS) this.readToS.set(key, toS);
  }

  private async lookAhead(
    driver: DeviceDriver,
    id: CookId,
    fromS: number,
    toS: number,
  ): Promise<Ahead> {
    const session = await this.sessions.findByPk(id);
    if (session === null) return { events: 0, untilS: toS, readings: [] };
    const { formula, kitchen, practice, clock, startedAt, events } = session;
    const startMs = startedAt.getTime();
    const { entries, nextMs } = await this.log.events(session);
    const lastDoneMs = Math.max(startMs, ...entries.map(({ at }) => at));
    const leftAloneS = Math.floor((lastDoneMs - startMs) / 1000) + LEFT_ALONE_H * 3600;
    // What is dated ahead changes the pot when its time has come.
    const changesS = nextMs === null ? Infinity : Math.floor((nextMs - startMs) / 1000);
    const endS = toS + Math.ceil(AHEAD_S * clock.speed);
    const untilS = Math.max(toS, Math.min(endS, changesS));
    const upToS = Math.min(untilS, leftAloneS);
    const readings =
      upToS > fromS
        ? await driver.read({ formula, kitchen, practice, startMs }, entries, fromS, upToS)
        : [];
    const paired = await this.devices.simulated(id);
    const ahead = {
      events,
      untilS,
      readings: readings.map((reading) => ({
        ...reading,
        by: { kind: 'device' as const, id: paired.get(reading.kind) ?? null },
      })),
    };
    this.ahead.set(`${id} ${driver.source}`, ahead);
    return ahead;
  }
}
