import {
  ForgetDto,
  MOST_PHOTO_BYTES,
  OutcomeDto,
  type BookHome,
  type BookPage,
  type BookQuery,
  type BookRecord,
  type ChartRow,
  type Knowledge,
  type Outcome,
  type Photo,
  type VersionCook,
} from '@idle-kettle/contract';
import { SET_CLASSES } from '@idle-kettle/core';
import type { TroubledCook } from '@idle-kettle/contract/trouble';
import { message } from '@idle-kettle/words/message';
import {
  Body,
  Controller,
  Delete,
  Get,
  Header,
  HttpCode,
  Param,
  Post,
  Put,
  Query,
  Req,
  Res,
  StreamableFile,
} from '@nestjs/common';
import { ApiOperation, ApiQuery, ApiTags } from '@nestjs/swagger';
import type { Request, Response } from 'express';
import { fileOf } from '../fileBody.ts';
import { By, Needs, type Actor } from '../identity/actor.ts';
import { bodyOf } from '../openapi.ts';
import { idPipe } from '../problem/idPipe.ts';
import { BookKeeper } from './bookKeeper.service.ts';
import { BookService } from './book.service.ts';
import { ChartsService } from './charts.service.ts';
import { KnowledgeService } from './knowledge.service.ts';
import { TroubledCookService } from './troubledCook.service.ts';
import { OutcomesService } from './outcomes.service.ts';
import { PhotosService } from './photos.service.ts';

const CookId = idPipe(message('problems.noSuchCook'));
const RecipeId = idPipe(message('problems.noSuchRecipe'));
const PhotoId = idPipe(message('problems.noSuchPhoto'));

const MOST_CHARS = 200;
const LAST_PAGE = 10_000;

/** What of an address is asked for; what makes no sense asks for nothing. */
type Asked = { readonly [of: string]: unknown };

const textIn = (asked: Asked, of: string): string | null => {
  const value = asked[of];
  // A database keeps no NUL.
  const text = typeof value === 'string' ? value.replaceAll('\u0000', '').trim() : '';
  return text === '' ? null : text.slice(0, MOST_CHARS);
};

const wholeIn = (asked: Asked, of: string, most: number): number | null => {
  const value = Number(textIn(asked, of) ?? NaN);
  return Number.isInteger(value) && value >= 0 && value <= most ? value : null;
};

function queryOf(asked: Asked): BookQuery {
  const set = textIn(asked, 'set');
  const again = textIn(asked, 'again');
  return {
    words: textIn(asked, 'words'),
    fruit: textIn(asked, 'fruit'),
    year: wholeIn(asked, 'year', 9999),
    method: textIn(asked, 'method'),
    set: set === 'unsaid' ? set : (SET_CLASSES.find((one) => one === set) ?? null),
    cook: textIn(asked, 'cook'),
    again: again === null ? null : again === 'true',
  };
}

@ApiTags('book')
@Controller()
export class BookController {
  constructor(
    private readonly book: BookService,
    private readonly outcomes: OutcomesService,
    private readonly keeper: BookKeeper,
    private readonly photos: PhotosService,
    private readonly knowledge: KnowledgeService,
    private readonly chartRows: ChartsService,
    private readonly troubled: TroubledCookService,
  ) {}

  @Get('book')
  @Needs('look')
  @ApiOperation({ summary: 'The cooks that are over, the last first, as they are asked for' })
  @ApiQuery({ name: 'words', required: false })
  @ApiQuery({ name: 'fruit', required: false })
  @ApiQuery({ name: 'year', required: false })
  @ApiQuery({ name: 'method', required: false })
  @ApiQuery({ name: 'set', required: false })
  @ApiQuery({ name: 'cook', required: false })
  @ApiQuery({ name: 'again', required: false })
  @ApiQuery({ name: 'page', required: false, description: 'From 0' })
  page(@By() { householdId }: Actor, @Query() asked: Asked): Promise<BookPage> {
    return this.book.page(householdId, queryOf(asked), wholeIn(asked, 'page', LAST_PAGE) ?? 0);
  }

  @Get('book/home')
  @Needs('look')
  @ApiOperation({ summary: 'What the Book can be looked through by, and what waits for a word' })
  home(@By() { householdId }: Actor): Promise<BookHome> {
    return this.book.home(householdId);
  }

  @Get('book/charts')
  @Needs('look')
  @ApiOperation({ summary: 'What was planned and what came, cook by cook, the first first' })
  charts(@By() { householdId }: Actor): Promise<ChartRow[]> {
    return this.chartRows.rows(householdId);
  }

  @Get('book/knowledge')
  @Needs('look')
  @ApiOperation({ summary: 'What this kitchen knows, with the cooks it rests on' })
  known(@By() { householdId }: Actor): Promise<Knowledge> {
    return this.knowledge.find(householdId);
  }

  @Post('book/knowledge/forget')
  @Needs('kitchen')
  @HttpCode(200)
  @ApiOperation({ summary: 'Forget one estimate: cooks up to now tell of it no more' })
  @bodyOf(ForgetDto)
  async forget(@By() { householdId }: Actor, @Body() dto: ForgetDto): Promise<Knowledge> {
    await this.knowledge.forget(householdId, dto);
    return this.knowledge.find(householdId);
  }

  @Get('book/recipes/:id')
  @Needs('look')
  @ApiOperation({ summary: 'What the versions of a recipe came to, cook by cook' })
  ofRecipe(
    @By() { householdId }: Actor,
    @Param('id', RecipeId) id: string,
  ): Promise<VersionCook[]> {
    return this.book.ofRecipe(householdId, id);
  }

  @Get('trouble/:id')
  @Needs('look')
  @ApiOperation({ summary: 'What the record of a cook says to who asks what went wrong with it' })
  trouble(@By() { householdId }: Actor, @Param('id', CookId) id: string): Promise<TroubledCook> {
    return this.troubled.find(householdId, id);
  }

  @Get('book/:id')
  @Needs('look')
  @ApiOperation({ summary: 'One cook that is over: plan, log, outcome and pictures' })
  find(@By() { householdId }: Actor, @Param('id', CookId) id: string): Promise<BookRecord> {
    return this.book.find(householdId, id);
  }

  @Put('book/:id/outcome')
  @Needs('cook')
  @ApiOperation({ summary: 'Say how a batch turned out' })
  @bodyOf(OutcomeDto)
  async say(
    @By() actor: Actor,
    @Param('id', CookId) id: string,
    @Body() dto: OutcomeDto,
  ): Promise<Outcome> {
    const outcome = await this.outcomes.save(actor, id, dto);
    // Whoever says it sees at once what the kitchen makes of it.
    await this.keeper.workOut(actor.householdId, id);
    return outcome;
  }

  @Post('book/:id/photos/:photo')
  @Needs('cook')
  @ApiOperation({ summary: 'Keep a picture: the body is the JPEG, PNG or WebP' })
  addPhoto(
    @By() actor: Actor,
    @Param('id', CookId) id: string,
    @Param('photo', PhotoId) photo: string,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<Photo> {
    return this.photos.add(actor, id, photo, () => fileOf(request, response, MOST_PHOTO_BYTES));
  }

  @Get('photos/:id')
  @Needs('look')
  @Header('Cache-Control', 'private, max-age=31536000, immutable')
  @ApiOperation({ summary: 'A picture, JPEG' })
  async photo(
    @By() { householdId }: Actor,
    @Param('id', PhotoId) id: string,
    @Query('small') small?: string,
  ): Promise<StreamableFile> {
    return new StreamableFile(await this.photos.jpeg(householdId, id, small !== undefined), {
      type: 'image/jpeg',
      disposition: 'inline',
    });
  }

  @Delete('photos/:id')
  @Needs('cook')
  @HttpCode(204)
  @ApiOperation({ summary: 'Take a picture out' })
  removePhoto(@By() { householdId }: Actor, @Param('id', PhotoId) id: string): Promise<void> {
    return this.photos.remove(householdId, id);
  }
}
