import {
  DaySheetDto,
  type DayAnswer,
  type DaySheet,
  type DaySheetLine,
} from '@idle-kettle/contract/daySheet';
import { message } from '@idle-kettle/words/message';
import { Body, Controller, Delete, Get, Header, HttpCode, Param, Post, Put } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { By, Needs, type Actor } from '../identity/actor.ts';
import { bodyOf } from '../openapi.ts';
import { idPipe } from '../problem/idPipe.ts';
import { calendarOfDay } from './calendarOfDay.ts';
import { DayPlanService } from './dayPlan.service.ts';
import { DaysService } from './days.service.ts';

const DayId = idPipe(message('problems.noSuchDay'));

@ApiTags('days')
@Controller('days')
export class DaysController {
  constructor(
    private readonly days: DaysService,
    private readonly plans: DayPlanService,
  ) {}

  @Get()
  @Needs('look')
  @ApiOperation({ summary: 'The day sheets, the latest day first' })
  list(@By() { householdId }: Actor): Promise<DaySheetLine[]> {
    return this.days.list(householdId);
  }

  @Get(':id')
  @Needs('look')
  @ApiOperation({ summary: 'A day sheet, and the day as it is planned by now' })
  async find(@By() { householdId }: Actor, @Param('id', DayId) id: string): Promise<DayAnswer> {
    return this.plans.answer(householdId, await this.days.find(householdId, id));
  }

  @Get(':id/calendar.ics')
  @Needs('look')
  @Header('Content-Type', 'text/calendar; charset=utf-8')
  @Header('Cache-Control', 'private, no-store')
  @ApiOperation({ summary: 'The acts of a day as iCalendar' })
  async calendar(@By() { householdId }: Actor, @Param('id', DayId) id: string): Promise<string> {
    const sheet = await this.days.find(householdId, id);
    return calendarOfDay(await this.plans.answer(householdId, sheet));
  }

  @Post()
  @Needs('cook')
  @ApiOperation({ summary: 'Make a day sheet' })
  @bodyOf(DaySheetDto)
  create(@By() { householdId }: Actor, @Body() dto: DaySheetDto): Promise<DaySheet> {
    return this.days.create(householdId, dto);
  }

  @Put(':id')
  @Needs('cook')
  @ApiOperation({ summary: 'Change a day sheet, on a version of it' })
  @bodyOf(DaySheetDto)
  async update(
    @By() { householdId }: Actor,
    @Param('id', DayId) id: string,
    @Body() dto: DaySheetDto,
  ): Promise<DayAnswer> {
    return this.plans.answer(householdId, await this.days.update(householdId, id, dto));
  }

  @Delete(':id')
  @Needs('cook')
  @HttpCode(204)
  @ApiOperation({ summary: 'Delete a day sheet; its batches stay' })
  remove(@By() { householdId }: Actor, @Param('id', DayId) id: string): Promise<void> {
    return this.days.remove(householdId, id);
  }
}
