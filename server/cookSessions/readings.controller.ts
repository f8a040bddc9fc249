import { DeviceReadingsDto } from '@idle-kettle/contract';
import { Body, Controller, HttpCode, Post } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { By, Needs, type Actor } from '../identity/actor.ts';
import { bodyOf } from '../openapi.ts';
import { ReadingsService } from './readings.service.ts';

@ApiTags('devices')
@Controller('devices/readings')
export class ReadingsController {
  constructor(private readonly readings: ReadingsService) {}

  @Post()
  @HttpCode(200)
  @Needs('read')
  @ApiOperation({ summary: 'Add what a device read to the log of the cook that it is paired with' })
  @bodyOf(DeviceReadingsDto)
  add(@By() actor: Actor, @Body() dto: DeviceReadingsDto): Promise<{ readonly position: number }> {
    return this.readings.add(actor, dto);
  }
}
