import { PairDto, type Device, type Paired, type PairingCode } from '@idle-kettle/contract';
import { message } from '@idle-kettle/words/message';
import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put, Req } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Request } from 'express';
import { bodyOf } from '../openapi.ts';
import { idPipe } from '../problem/idPipe.ts';
import { By, Needs, type Actor } from './actor.ts';
import { DevicesService } from './devices.service.ts';
import { addressOf } from './remote.ts';

const DeviceId = idPipe(message('problems.noSuchDevice'));
const CookId = idPipe(message('problems.noSuchCook'));

@ApiTags('devices')
@Controller()
export class DevicesController {
  constructor(private readonly devices: DevicesService) {}

  @Get('devices')
  @Needs('look')
  @ApiOperation({ summary: 'The devices of the household, with what they read last' })
  list(@By() { householdId }: Actor): Promise<Device[]> {
    return this.devices.list(householdId);
  }

  @Post('cook-sessions/:id/pairing-code')
  @Needs('cook')
  @ApiOperation({ summary: 'Six digits that a device pairs with this cook by' })
  code(@By() { householdId }: Actor, @Param('id', CookId) id: string): Promise<PairingCode> {
    return this.devices.codeFor(householdId, id);
  }

  @Post('devices/pair')
  @Needs('open')
  @ApiOperation({ summary: 'Pair a device by the six digits; its token is told once' })
  @bodyOf(PairDto)
  pair(@Req() request: Request, @Body() dto: PairDto): Promise<Paired> {
    return this.devices.pair(dto, addressOf(request));
  }

  @Put('cook-sessions/:id/devices/:device')
  @Needs('cook')
  @ApiOperation({ summary: 'Have a device read this cook from now on' })
  read(
    @By() { householdId }: Actor,
    @Param('id', CookId) id: string,
    @Param('device', DeviceId) device: string,
  ): Promise<Device> {
    return this.devices.setCook(householdId, device, id);
  }

  @Delete('devices/:id')
  @HttpCode(204)
  @Needs('people')
  @ApiOperation({ summary: 'Forget a device: its token is of no use any more' })
  remove(@By() actor: Actor, @Param('id', DeviceId) id: string): Promise<void> {
    return this.devices.remove(actor, id);
  }
}
