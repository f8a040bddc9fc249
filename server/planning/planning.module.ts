import { Global, Module, type DynamicModule } from '@nestjs/common';
import { PlanningProgram, PlanningService } from './planning.service.ts';

/** Planning in threads, for every module. */
@Global()
@Module({})
export class PlanningModule {
  /** @param file the program of its threads, compiled */
  static with(file: string): DynamicModule {
    return {
      module: PlanningModule,
      providers: [{ provide: PlanningProgram, useValue: { file } }, PlanningService],
      exports: [PlanningService, PlanningProgram],
    };
  }
}
