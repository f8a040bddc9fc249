import { KitchenChangeDto, KitchenDto, TaughtNameDto, type Kitchen } from '@idle-kettle/contract';
import { Body, Controller, Delete, Get, Param, Patch, Post, Put } from '@nestjs/common';
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

  @Patch()
  @ApiOperation({
    summary: 'Change some fields; 409 names each that somebody else changed since that version',
  })
  @bodyOf(KitchenChangeDto)
  change(@Body() dto: KitchenChangeDto): Promise<Kitchen> {
    return this.kitchens.change(dto);
  }

  @Post('names')
  @ApiOperation({ summary: 'Teach the kitchen a name: “Old Codlin” is its apple' })
  @bodyOf(TaughtNameDto)
  teach(@Body() dto: TaughtNameDto): Promise<Kitchen> {
    return this.kitchens.teach(dto);
  }

  @Delete('names/:name')
  @ApiOperation({ summary: 'Forget a name that the kitchen was taught' })
  forget(@Param('name') name: string): Promise<Kitchen> {
    return this.kitchens.forget(name);
  }
}
