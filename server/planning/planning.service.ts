import { BARE_KITCHEN, requestInKitchen } from '@idle-kettle/core';
import {
  Injectable,
  Logger,
  ServiceUnavailableException,
  type OnModuleDestroy,
} from '@nestjs/common';

import { Piscina } from 'piscina';
import { Stopping } from '../problem/errors.ts';
import type { TaskName, Tasks } from './planning.worker.ts';

/** Questions that wait for one thread; whoever comes then is asked to come again. */
const MOST_WAITING = 200;

/** Where the thread’s program is. */
export abstract class PlanningProgram {
  abstract readonly file: string;
}

/**
 * Computing in threads of its own, so that no request holds the others up: one for what is quick,
 * one for plans.
 */
@Injectable()
export class PlanningService implements OnModuleDestroy {
  private readonly logger = new Logger(PlanningService.name);
  private readonly interactiveThread: Piscina;
  private readonly planThread: Piscina;
  private isStopping = false;

  constructor({ file }: PlanningProgram) {
    this.interactiveThread = threadFor(file, 0);
    this.planThread = threadFor(file, GIVES_WAY);
  }

  /** What is answered at once: lines read, a look into a pot. */
  runInteractive<N extends TaskName>(
    name: N,
    of: Parameters<Tasks[N]>[0],
  ): Promise<ReturnType<Tasks[N]>> {
    return this.run(this.interactiveThread, name, of);
  }

  /** What takes its time: plans, with their ranges and remedies. */
  runPlan<N extends TaskName>(name: N, of: Parameters<Tasks[N]>[0]): Promise<ReturnType<Tasks[N]>> {
    return this.run(this.planThread, name, of);
  }

  /** Starts the threads before anybody needs them. */
  async warmUp(): Promise<void> {
    const nothing = {
      formula: { lines: ['1 kg plums', '1 kg sugar'], settings: {} },
      kitchen: BARE_KITCHEN,
    };
    // One after the other, so that whoever is there already has a core to themselves.
    await this.runInteractive('faultsInKitchen', nothing);
    // A short one: what it costs is to read the program and to make it quick.
    const { formula, kitchen } = nothing;
    await this.runPlan('plan', { ...requestInKitchen(formula, kitchen), draws: WARMING_DRAWS });
  }

  async onModuleDestroy(): Promise<void> {
    this.isStopping = true;
    await Promise.all([this.interactiveThread.destroy(), this.planThread.destroy()]);
  }

  private async run<N extends TaskName>(
    thread: Piscina,
    name: N,
    of: Parameters<Tasks[N]>[0],
  ): Promise<ReturnType<Tasks[N]>> {
    if (thread.queueSize >= MOST_WAITING) {
      this.logger.warn(`More than ${MOST_WAITING} questions wait to be worked out.`);
      throw new ServiceUnavailableException(
        'The server has more to work out than it can just now. Nothing was stored; try again shortly.',
      );
    }
    try {
      return (await thread.run({ name, of })) as ReturnType<Tasks[N]>;
    } catch (error) {
      if (!this.isStopping) throw error;
      throw new Stopping();
    }
  }
}

/** Of a plan that nobody reads. */
const WARMING_DRAWS = 200;

/** How far plans give way to whoever waits for an answer where processors are short: see nice(1). */
const GIVES_WAY = 10;

const threadFor = (filename: string, niceIncrement: number): Piscina =>
  new Piscina({ filename, niceIncrement, minThreads: 0, maxThreads: 1, idleTimeout: Infinity });
