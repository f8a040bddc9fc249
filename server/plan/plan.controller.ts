import { PlanRequestDto, toPlanRequest } from '@idle-kettle/contract';
import type { Plan } from '@idle-kettle/core';
import { Body, Controller, HttpCode, Post } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { Needs } from '../identity/actor.ts';
import { bodyOf } from '../openapi.ts';
import { PlanningService } from '../planning/planning.service.ts';
import { BadInput } from '../problem/errors.ts';

@ApiTags('plan')
@Controller('plan')
export class PlanController {
  constructor(private readonly planning: PlanningService) {}

  @Post()
  @Needs('look')
  @HttpCode(200)
  @ApiOperation({ summary: 'Plan a batch; nothing is stored' })
  @bodyOf(PlanRequestDto)
  async plan(@Body() dto: PlanRequestDto): Promise<Plan> {
    const outcome = await this.planning.runPlan('plan', toPlanRequest(dto));
    if (!outcome.ok) throw new BadInput(outcome.faults);
    return outcome.plan;
  }
}
