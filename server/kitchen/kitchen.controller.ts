import { KitchenDto, type Kitchen } from '@idle-kettle/contract';
import { Body, Controller, Get, Put } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { bodyOf } from '../openapi.ts';
import { KitchenService } from './kitchen.service.ts';

@ApiTags('kitchen')
@Controller('kitchen')
export class KitchenController {
  constructor(private readonly kitchens: KitchenService) {}

  @Get()
  @ApiOperation({ summary: 'The kitchen: its place, units and habits' })
  current(): Promise<Kitchen> {
    return this.kitchens.current();
  }

  @Put()
  @ApiOperation({ summary: 'Set the kitchen up, or change it' })
  @bodyOf(KitchenDto)
  setUp(@Body() dto: KitchenDto): Promise<Kitchen> {
    return this.kitchens.setUp(dto);
  }
}
