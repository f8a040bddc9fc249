import { kitchenTime } from '@idle-kettle/contract';
import {
  Injectable,
  Logger,
  type OnApplicationBootstrap,
  type OnModuleDestroy,
} from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { ConnectionError, Op } from 'sequelize';
import { CookLogService } from './cookLog.service.ts';
import { CookSessionModel } from './cookSession.model.ts';
import type { DeviceDriver } from './devices.ts';
import { SimulatedDevices } from './simulatedDevices.ts';

/** Between two looks at the devices, ms. */
const EVERY_MS = 250;
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
  /** Cooks whose devices could not be read the last time. */
  private readonly ill = new Set<string>();

  constructor(
    @InjectModel(CookSessionModel) private readonly sessions: typeof CookSessionModel,
    private readonly log: CookLogService,
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

  private async readAll(): Promise<void> {
    const on = await this.sessions.findAll({
      attributes: ['id', 'practice'],
      where: {
        endedAt: null,
        practice: { [Op.ne]: null },
        updatedAt: { [Op.gt]: new Date(Date.now() - FORGOTTEN_MIN * 60_000) },
      },
      order: [['startedAt', 'ASC']],
    });
    for (const { id, practice } of on) {
      for (const driver of this.drivers.filter((one) => one.reads({ practice }))) {
        try {
          await this.read(driver, id);
          this.ill.delete(id);
        } catch (error) {
          if (this.stopped) return;
          if (error instanceof ConnectionError) throw error;
          // One cook that cannot be read harms no other; it is said once.
          if (!this.ill.has(id))
            this.logger.warn(`The devices of cook ${id} could not be read: ${String(error)}`);
          this.ill.add(id);
        }
      }
    }
  }

  private read(driver: DeviceDriver, sessionId: string): Promise<number | null> {
    return this.log.appendAlone(sessionId, async (session, transaction) => {
      const startMs = session.startedAt.getTime();
      const toS = Math.floor((kitchenTime(session.clock, Date.now()) - startMs) / 1000);
      const last = await this.log.lastSeq(sessionId, driver.source, transaction);
      const fromS = Math.max(last, toS - LONGEST_GAP_S);
      if (toS <= fromS) return [];
      const { formula, kitchen, practice } = session;
      const nowMs = startMs + toS * 1000;
      const events = await this.log.events(sessionId, transaction);
      const lastDoneMs = Math.max(startMs, ...events.map(({ at }) => at));
      if (nowMs - lastDoneMs > LEFT_ALONE_H * 3_600_000) return [];
      return driver.read({ formula, kitchen, practice, startMs }, events, fromS, toS);
    });
  }
}
