import { message } from '@idle-kettle/words/message';
import {
  CookSessionDto,
  EntriesDto,
  SpeedDto,
  type CookSession,
  type CookSessionSummary,
  type EntryDto,
  type LiveMessage,
  type PotSight,
} from '@idle-kettle/contract';
import { isOfADevice, type Entry } from '@idle-kettle/core';
import {
  Body,
  Controller,
  Get,
  Headers,
  HttpCode,
  Param,
  ParseUUIDPipe,
  Post,
  Put,
  Query,
  Sse,
  type MessageEvent,
} from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Observable } from 'rxjs';
import { HouseholdService } from '../household/household.service.ts';
import { bodyOf } from '../openapi.ts';
import { NotFound } from '../problem/errors.ts';
import { CookLogService } from './cookLog.service.ts';
import { CookSessionsService } from './cookSessions.service.ts';
import { JarSettler } from './jarSettler.service.ts';
import { LiveViewService } from './liveView.service.ts';
import { PotService } from './pot.service.ts';

const CookId = new ParseUUIDPipe({
  exceptionFactory: () => new NotFound(message('problems.noSuchCook')),
});

/** A place in a log; the beginning for what is no place. */
const placeOf = (text: string | undefined): number => {
  const place = Number(text);
  return Number.isInteger(place) && place > 0 ? place : 0;
};

const entryOf = ({ source, seq, at, kind, value, text }: EntryDto): Entry => ({
  source,
  seq,
  at,
  kind,
  value: value ?? null,
  text: text ?? null,
});

@ApiTags('cook sessions')
// Probes that were set up earlier still send to /cooks.
@Controller(['cook-sessions', 'cooks'])
export class CookSessionsController {
  constructor(
    private readonly cooks: CookSessionsService,
    private readonly households: HouseholdService,
    private readonly log: CookLogService,
    private readonly live: LiveViewService,
    private readonly pots: PotService,
    private readonly jars: JarSettler,
  ) {}

  @Get()
  @ApiOperation({ summary: 'The cooks, the last begun first' })
  list(): Promise<CookSessionSummary[]> {
    return this.cooks.list();
  }

  @Get(':id')
  @ApiOperation({ summary: 'One cook' })
  find(@Param('id', CookId) id: string): Promise<CookSession> {
    return this.cooks.find(id);
  }

  @Post()
  @ApiOperation({ summary: 'Begin a cook, of a batch or for practice' })
  @bodyOf(CookSessionDto)
  begin(@Body() dto: CookSessionDto): Promise<CookSession> {
    return this.cooks.begin(dto);
  }

  @Put(':id/speed')
  @ApiOperation({ summary: 'Let a practice cook run faster or slower' })
  @bodyOf(SpeedDto)
  setSpeed(@Param('id', CookId) id: string, @Body() { speed }: SpeedDto): Promise<CookSession> {
    return this.cooks.setSpeed(id, speed);
  }

  @Post(':id/end')
  @HttpCode(200)
  @ApiOperation({ summary: 'End a cook; a practice cook is debriefed' })
  end(@Param('id', CookId) id: string): Promise<CookSession> {
    return this.cooks.end(id);
  }

  @Get(':id/pot')
  @ApiOperation({ summary: 'What is seen of a practice pot at this moment' })
  async look(@Param('id', CookId) id: string): Promise<PotSight> {
    return this.pots.look(await this.cooks.find(id));
  }

  @Get(':id/log')
  @ApiOperation({ summary: 'The log after a place in it: ?after=120' })
  async entries(
    @Param('id', CookId) id: string,
    @Query('after') after?: string,
  ): Promise<LiveMessage> {
    await this.cooks.find(id);
    const entries = await this.log.after(id, placeOf(after));
    return { entries, position: entries.at(-1)?.position ?? placeOf(after) };
  }

  @Post(':id/log')
  @HttpCode(200)
  @ApiOperation({ summary: 'Add to the log; what it holds already is left out' })
  @bodyOf(EntriesDto)
  async append(
    @Param('id', CookId) id: string,
    @Body() { entries, now }: EntriesDto,
  ): Promise<{ readonly position: number }> {
    const householdId = await this.households.currentId();
    const given = entries.map(entryOf);
    const position = await this.log.append(id, householdId, given, now ?? null);
    // They are stored, whatever becomes of this: it is then done a little later.
    if (!given.every(isOfADevice)) await this.jars.settle(id);
    return { position };
  }

  @Sse(':id/live')
  @ApiOperation({ summary: 'The log as it grows: server-sent events from ?after or Last-Event-ID' })
  async follow(
    @Param('id', CookId) id: string,
    @Query('after') after?: string,
    @Headers('last-event-id') last?: string,
  ): Promise<Observable<MessageEvent>> {
    await this.cooks.find(id);
    return this.live.follow(id, placeOf(last ?? after));
  }
}
