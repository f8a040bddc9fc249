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
  Post,
  Put,
  Query,
  Sse,
  type MessageEvent,
} from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Observable } from 'rxjs';
import { By, Needs, type Actor } from '../identity/actor.ts';
import { bodyOf } from '../openapi.ts';
import { idPipe } from '../problem/idPipe.ts';
import { CookLogService } from './cookLog.service.ts';
import { CookSessionsService } from './cookSessions.service.ts';
import { JarSettler } from './jarSettler.service.ts';
import { LiveViewService } from './liveView.service.ts';
import { PotService } from './pot.service.ts';

const CookId = idPipe(message('problems.noSuchCook'));

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
    private readonly log: CookLogService,
    private readonly live: LiveViewService,
    private readonly pots: PotService,
    private readonly jars: JarSettler,
  ) {}

  @Get()
  @Needs('look')
  @ApiOperation({ summary: 'The cooks, the last begun first' })
  list(@By() { householdId }: Actor): Promise<CookSessionSummary[]> {
    return this.cooks.list(householdId);
  }

  @Get(':id')
  @Needs('look')
  @ApiOperation({ summary: 'One cook' })
  find(@By() { householdId }: Actor, @Param('id', CookId) id: string): Promise<CookSession> {
    return this.cooks.find(householdId, id);
  }

  @Post()
  @Needs('cook')
  @ApiOperation({ summary: 'Begin a cook, of a batch or for practice' })
  @bodyOf(CookSessionDto)
  begin(@By() { householdId }: Actor, @Body() dto: CookSessionDto): Promise<CookSession> {
    return this.cooks.begin(householdId, dto);
  }

  @Put(':id/speed')
  @Needs('cook')
  @ApiOperation({ summary: 'Let a practice cook run faster or slower' })
  @bodyOf(SpeedDto)
  setSpeed(
    @By() { householdId }: Actor,
    @Param('id', CookId) id: string,
    @Body() { speed }: SpeedDto,
  ): Promise<CookSession> {
    return this.cooks.setSpeed(householdId, id, speed);
  }

  @Post(':id/end')
  @Needs('cook')
  @HttpCode(200)
  @ApiOperation({ summary: 'End a cook; a practice cook is debriefed' })
  end(@By() { householdId }: Actor, @Param('id', CookId) id: string): Promise<CookSession> {
    return this.cooks.end(householdId, id);
  }

  @Get(':id/pot')
  @Needs('look')
  @ApiOperation({ summary: 'What is seen of a practice pot at this moment' })
  async look(@By() { householdId }: Actor, @Param('id', CookId) id: string): Promise<PotSight> {
    return this.pots.look(await this.cooks.row(householdId, id));
  }

  @Get(':id/log')
  @Needs('look')
  @ApiOperation({ summary: 'The log after a place in it: ?after=120' })
  async entries(
    @By() { householdId }: Actor,
    @Param('id', CookId) id: string,
    @Query('after') after?: string,
  ): Promise<LiveMessage> {
    const cook = await this.cooks.row(householdId, id);
    const entries = await this.log.after(cook.id, placeOf(after));
    return { entries, position: entries.at(-1)?.position ?? placeOf(after) };
  }

  @Post(':id/log')
  @Needs('cook')
  @HttpCode(200)
  @ApiOperation({ summary: 'Add to the log; what it holds already is left out' })
  @bodyOf(EntriesDto)
  async append(
    @By() { householdId, author }: Actor,
    @Param('id', CookId) id: string,
    @Body() { entries, now }: EntriesDto,
  ): Promise<{ readonly position: number }> {
    const given = entries.map(entryOf);
    const position = await this.log.append(id, householdId, author, given, now ?? null);
    // They are stored, whatever becomes of this: it is then done a little later.
    if (!given.every(isOfADevice)) await this.jars.settle(id);
    return { position };
  }

  @Sse(':id/live')
  @Needs('look')
  @ApiOperation({ summary: 'The log as it grows: server-sent events from ?after or Last-Event-ID' })
  async follow(
    @By() { householdId, sessionId }: Actor,
    @Param('id', CookId) id: string,
    @Query('after') after?: string,
    @Headers('last-event-id') last?: string,
  ): Promise<Observable<MessageEvent>> {
    const cook = await this.cooks.row(householdId, id);
    return this.live.follow(cook.id, placeOf(last ?? after), sessionId);
  }
}
