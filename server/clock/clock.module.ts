import { Global, Module } from '@nestjs/common';
import { ClockSources, MachineClocks } from './clockSources.ts';
import { ServerClock } from './serverClock.service.ts';

@Global()
@Module({
  providers: [{ provide: ClockSources, useClass: MachineClocks }, ServerClock],
  exports: [ServerClock],
})
export class ClockModule {}
