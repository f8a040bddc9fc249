import type { ReadJson } from '@idle-kettle/contract';
import type { BookFileDto } from '@idle-kettle/contract/bookFile';
import { Injectable, type OnModuleDestroy } from '@nestjs/common';
import { dirname, join } from 'node:path';
import { Piscina } from 'piscina';
import { PlanningProgram } from '../planning/planning.service.ts';

/** A thread that has read nothing for so long ends, ms: few people send a Book. */
const ENDS_AFTER_MS = 5000;

/** Looks through Books that are sent, in a thread of its own that is there only meanwhile. */
@Injectable()
export class BookReader implements OnModuleDestroy {
  private readonly thread: Piscina;

  /** @param program of the planning threads, beside which the reader’s is compiled */
  constructor(program: PlanningProgram) {
    this.thread = new Piscina({
      filename: join(dirname(program.file), '../book/readBook.worker.js'),
      minThreads: 0,
      maxThreads: 1,
      idleTimeout: ENDS_AFTER_MS,
    });
  }

  /** The Book of a text, or every fault of it. */
  read(text: string): Promise<ReadJson<BookFileDto>> {
    return this.thread.run(text) as Promise<ReadJson<BookFileDto>>;
  }

  async onModuleDestroy(): Promise<void> {
    await this.thread.destroy();
  }
}
