import { PlanRequestDto, toPlanRequest } from '@idle-kettle/contract';
import { planBatch, type Plan } from '@idle-kettle/core';
import { Body, Controller, HttpCode, Post } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { bodyOf } from '../openapi.ts';
import { BadInput } from '../problem/errors.ts';

@ApiTags('plan')
@Controller('plan')
export class PlanController {
  @Post()
  @HttpCode(200)
  @ApiOperation({ summary: 'Plan a batch; nothing is stored' })
  @bodyOf(PlanRequestDto)
  plan(@Body() dto: PlanRequestDto): Plan {
    const outcome = planBatch(toPlanRequest(dto));
    if (!outcome.ok) throw new BadInput(outcome.faults);
    return outcome.plan;
  }
}
