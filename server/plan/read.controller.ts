import { ReadRequestDto, toLines, toReadingKitchen } from '@idle-kettle/contract';
import type { PlanLine } from '@idle-kettle/core';
import { Body, Controller, HttpCode, Post } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { Needs } from '../identity/actor.ts';
import { bodyOf } from '../openapi.ts';
import { PlanningService } from '../planning/planning.service.ts';

@ApiTags('plan')
@Controller('read')
export class ReadController {
  constructor(private readonly planning: PlanningService) {}

  @Post()
  @Needs('look')
  @HttpCode(200)
  @ApiOperation({ summary: 'Read lines of a recipe; nothing is stored' })
  @bodyOf(ReadRequestDto)
  async read(@Body() dto: ReadRequestDto): Promise<{ readonly lines: readonly PlanLine[] }> {
    const request = { ...toReadingKitchen(dto), lines: toLines(dto.lines) };
    return { lines: await this.planning.runInteractive('read', request) };
  }
}
