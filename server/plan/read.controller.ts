import { ReadRequestDto, toLines, toReadingKitchen } from '@idle-kettle/contract';
import { planLine, readLines, type PlanLine } from '@idle-kettle/core';
import { Body, Controller, HttpCode, Post } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { bodyOf } from '../openapi.ts';

@ApiTags('plan')
@Controller('read')
export class ReadController {
  @Post()
  @HttpCode(200)
  @ApiOperation({ summary: 'Read lines of a recipe; nothing is stored' })
  @bodyOf(ReadRequestDto)
  read(@Body() dto: ReadRequestDto): { readonly lines: readonly PlanLine[] } {
    return {
      lines: readLines({ ...toReadingKitchen(dto), lines: toLines(dto.lines) }).map(planLine),
    };
  }
}
