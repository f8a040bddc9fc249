import { KitchenChangeDto, KitchenDto, TaughtNameDto, type Kitchen } from '@idle-kettle/contract';
import { Body, Controller, Delete, Get, Param, Patch, Post, Put } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { By, Needs, type Actor } from '../identity/actor.ts';
import { bodyOf } from '../openapi.ts';
import { KitchenService } from './kitchen.service.ts';

@ApiTags('kitchen')
@Controller('kitchen')
export class KitchenController {
  constructor(private readonly kitchens: KitchenService) {}

  @Get()
  @Needs('look')
  @ApiOperation({ summary: 'The kitchen: its place, units and habits' })
  current(@By() { householdId }: Actor): Promise<Kitchen> {
    return this.kitchens.current(householdId);
  }

  @Put()
  @Needs('kitchen')
  @ApiOperation({ summary: 'Set the kitchen up, or change it' })
  @bodyOf(KitchenDto)
  setUp(@By() { householdId }: Actor, @Body() dto: KitchenDto): Promise<Kitchen> {
    return this.kitchens.setUp(householdId, dto);
  }

  @Patch()
  @Needs('kitchen')
  @ApiOperation({
    summary: 'Change some fields; 409 names each that somebody else changed since that version',
  })
  @bodyOf(KitchenChangeDto)
  change(@By() { householdId }: Actor, @Body() dto: KitchenChangeDto): Promise<Kitchen> {
    return this.kitchens.change(householdId, dto);
  }

  @Post('names')
  @Needs('kitchen')
  @ApiOperation({ summary: 'Teach the kitchen a name: “Old Codlin” is its apple' })
  @bodyOf(TaughtNameDto)
  teach(@By() { householdId }: Actor, @Body() dto: TaughtNameDto): Promise<Kitchen> {
    return this.kitchens.teach(householdId, dto);
  }

  @Delete('names/:name')
  @Needs('kitchen')
  @ApiOperation({ summary: 'Forget a name that the kitchen was taught' })
  forget(@By() { householdId }: Actor, @Param('name') name: string): Promise<Kitchen> {
    return this.kitchens.forget(householdId, name);
  }
}
