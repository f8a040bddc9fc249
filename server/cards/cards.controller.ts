import { CardDto, type Card } from '@idle-kettle/contract';
import {
  Body,
  Controller,
  Delete,
  Get,
  HttpCode,
  Param,
  ParseUUIDPipe,
  Post,
} from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { bodyOf } from '../openapi.ts';
import { NotFound } from '../problem/errors.ts';
import { CardsService } from './cards.service.ts';

const CardId = new ParseUUIDPipe({
  exceptionFactory: () => new NotFound('There is no such card.'),
});

@ApiTags('cards')
@Controller('cards')
export class CardsController {
  constructor(private readonly cards: CardsService) {}

  @Get()
  @ApiOperation({ summary: 'The cards with their versions, last changed first' })
  list(): Promise<Card[]> {
    return this.cards.list();
  }

  @Get(':id')
  @ApiOperation({ summary: 'One card' })
  find(@Param('id', CardId) id: string): Promise<Card> {
    return this.cards.find(id);
  }

  @Post()
  @ApiOperation({ summary: 'Keep a formula as a new card' })
  @bodyOf(CardDto)
  create(@Body() dto: CardDto): Promise<Card> {
    return this.cards.create(dto);
  }

  @Post(':id/versions')
  @ApiOperation({ summary: 'Keep a new version of a card' })
  @bodyOf(CardDto)
  addVersion(@Param('id', CardId) id: string, @Body() dto: CardDto): Promise<Card> {
    return this.cards.addVersion(id, dto);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Put a card away; it can be brought back' })
  putAway(@Param('id', CardId) id: string): Promise<void> {
    return this.cards.putAway(id);
  }

  @Post(':id/bring-back')
  @HttpCode(200)
  @ApiOperation({ summary: 'Bring back a card that was put away' })
  bringBack(@Param('id', CardId) id: string): Promise<Card> {
    return this.cards.bringBack(id);
  }
}
