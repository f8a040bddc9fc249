import { Controller, Get } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { Sequelize } from 'sequelize-typescript';
import { ServerClock } from '../clock/serverClock.service.ts';
import { Needs } from '../identity/actor.ts';

@ApiTags('health')
@Controller('health')
export class HealthController {
  constructor(
    @InjectConnection() private readonly database: Sequelize,
    private readonly clock: ServerClock,
  ) {}

  @Get()
  @Needs('nobody')
  @ApiOperation({ summary: 'Whether server and database answer' })
  async check(): Promise<{ readonly status: 'ok' }> {
    await this.database.query('SELECT 1');
    return { status: 'ok' };
  }

  @Get('time')
  @Needs('nobody')
  @ApiOperation({ summary: 'The server’s clock, which every browser of a kitchen goes by' })
  time(): { readonly now: number } {
    return { now: this.clock.now() };
  }
}
