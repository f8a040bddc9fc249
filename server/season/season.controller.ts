import {
  FruitDto,
  JarEventsDto,
  type FeedAnswer,
  type FruitInHouse,
  type JarEventAnswer,
  type JarStory,
  type Shelf,
  type TodayAnswer,
} from '@idle-kettle/contract/season';
import { jarCode, jarOfCode } from '@idle-kettle/core/season';
import { message } from '@idle-kettle/words/message';
import { Body, Controller, Delete, Get, Header, HttpCode, Param, Post } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { By, Needs, type Actor } from '../identity/actor.ts';
import { bodyOf } from '../openapi.ts';
import { idPipe } from '../problem/idPipe.ts';
import { NotFound } from '../problem/errors.ts';
import { FeedService } from './feed.service.ts';
import { FruitService } from './fruit.service.ts';
import { JarEvents } from './jarEvents.service.ts';
import { ShelfService } from './shelf.service.ts';
import { TodayService } from './today.service.ts';

const CookId = idPipe(message('problems.noSuchCook'));
const FruitId = idPipe(message('problems.noSuchFruit'));

@ApiTags('season')
@Controller()
export class SeasonController {
  constructor(
    private readonly today: TodayService,
    private readonly shelf: ShelfService,
    private readonly events: JarEvents,
    private readonly fruit: FruitService,
    private readonly feeds: FeedService,
  ) {}

  @Get('today')
  @Needs('look')
  @ApiOperation({ summary: 'What wants a hand, and what is in season' })
  findToday(@By() { householdId }: Actor): Promise<TodayAnswer> {
    return this.today.find(householdId);
  }

  @Get('shelf')
  @Needs('look')
  @ApiOperation({ summary: 'The jars that stand in the household, and how long they last' })
  findShelf(@By() { householdId }: Actor): Promise<Shelf> {
    return this.shelf.find(householdId);
  }

  @Get('jars/:code')
  @Needs('look')
  @ApiOperation({ summary: 'One jar by the number on its label, and what happened to it' })
  findJar(@By() { householdId }: Actor, @Param('code') code: string): Promise<JarStory> {
    const jar = jarOfCode(code);
    if (jar === null)
      throw new NotFound(message('problems.noSuchJar', { code: code.slice(0, 20) }));
    return this.shelf.jar(householdId, jarCode(jar));
  }

  @Get('cook-sessions/:id/jars')
  @Needs('look')
  @ApiOperation({ summary: 'Every jar of a cook, wherever it is' })
  jarsOfCook(
    @By() { householdId }: Actor,
    @Param('id', CookId) id: string,
  ): Promise<readonly JarStory[]> {
    return this.shelf.ofCook(householdId, id);
  }

  @Post('jar-events')
  @Needs('cook')
  @HttpCode(200)
  @ApiOperation({ summary: 'What happened to jars: opened, eaten, given, moved, lost, found' })
  @bodyOf(JarEventsDto)
  addEvents(
    @By() actor: Actor,
    @Body() { events, sentMs }: JarEventsDto,
  ): Promise<JarEventAnswer[]> {
    return this.events.add(actor, events, sentMs);
  }

  @Get('fruit')
  @Needs('look')
  @ApiOperation({ summary: 'Fruit in the house, what keeps least first' })
  listFruit(@By() { householdId }: Actor): Promise<FruitInHouse[]> {
    return this.fruit.list(householdId);
  }

  @Post('fruit')
  @Needs('cook')
  @ApiOperation({ summary: 'Write down fruit that came into the house' })
  @bodyOf(FruitDto)
  addFruit(@By() { householdId }: Actor, @Body() dto: FruitDto): Promise<FruitInHouse> {
    return this.fruit.add(householdId, dto);
  }

  @Post('fruit/:id/used')
  @Needs('cook')
  @HttpCode(204)
  @ApiOperation({ summary: 'It was cooked, eaten or thrown out' })
  useFruit(@By() { householdId }: Actor, @Param('id', FruitId) id: string): Promise<void> {
    return this.fruit.setUsed(householdId, id, true);
  }

  @Delete('fruit/:id/used')
  @Needs('cook')
  @HttpCode(204)
  @ApiOperation({ summary: 'It is there after all' })
  keepFruit(@By() { householdId }: Actor, @Param('id', FruitId) id: string): Promise<void> {
    return this.fruit.setUsed(householdId, id, false);
  }

  @Get('feed')
  @Needs('look')
  @ApiOperation({ summary: 'Whether one has a calendar feed' })
  findFeed(@By() actor: Actor): Promise<FeedAnswer> {
    return this.feeds.find(actor);
  }

  @Post('feed')
  @Needs('own')
  @HttpCode(200)
  @ApiOperation({ summary: 'A new secret address of one’s calendar feed; the old one ends' })
  renewFeed(@By() actor: Actor): Promise<FeedAnswer> {
    return this.feeds.renew(actor);
  }

  @Delete('feed')
  @Needs('own')
  @HttpCode(204)
  @ApiOperation({ summary: 'End one’s calendar feed' })
  removeFeed(@By() actor: Actor): Promise<void> {
    return this.feeds.remove(actor);
  }

  @Get('feeds/:file')
  @Needs('open')
  @Header('Content-Type', 'text/calendar; charset=utf-8')
  @Header('Cache-Control', 'private, no-store')
  @ApiOperation({ summary: 'A calendar by its secret address, as iCalendar' })
  calendar(@Param('file') file: string): Promise<string> {
    return this.feeds.calendar(file);
  }
}
