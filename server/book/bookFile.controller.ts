import {
  BOOK_FORMAT,
  BookFileDto,
  MOST_BOOK_BYTES,
  type BookImported,
} from '@idle-kettle/contract/bookFile';
import { Controller, Get, Header, HttpCode, Post, Req, Res, StreamableFile } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Request, Response } from 'express';
import { Readable } from 'node:stream';
import { fileOf } from '../fileBody.ts';
import { By, Needs, type Actor } from '../identity/actor.ts';
import { bodyOf } from '../openapi.ts';
import { BookCsvService } from './bookCsv.service.ts';
import { BookExportService } from './bookExport.service.ts';
import { BookImportService } from './bookImport.service.ts';

/** The Book as files. */
@ApiTags('book')
@Controller('book')
export class BookFileController {
  constructor(
    private readonly exports: BookExportService,
    private readonly imports: BookImportService,
    private readonly csv: BookCsvService,
  ) {}

  @Get('export')
  @Needs('look')
  @ApiOperation({ summary: 'The whole Book as JSON, as docs/book.schema.json says' })
  all(@By() { householdId }: Actor): StreamableFile {
    return new StreamableFile(Readable.from(this.exports.text(householdId)), {
      type: 'application/json; charset=utf-8',
      disposition: `attachment; filename="${BOOK_FORMAT}.json"`,
    });
  }

  @Get('export.csv')
  @Needs('look')
  @Header('Content-Type', 'text/csv; charset=utf-8')
  @Header('Content-Disposition', `attachment; filename="${BOOK_FORMAT}.csv"`)
  @ApiOperation({ summary: 'The Book as a table, CSV' })
  table(@By() { householdId }: Actor): Promise<string> {
    return this.csv.text(householdId);
  }

  @Post('import')
  @Needs('kitchen')
  @HttpCode(200)
  @ApiOperation({
    summary: 'Take a Book in that was exported, sent as a file: all of it or nothing',
  })
  @bodyOf(BookFileDto)
  async take(
    @By() actor: Actor,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<BookImported> {
    const file = await fileOf(request, response, MOST_BOOK_BYTES);
    return this.imports.take(actor, file.toString('utf8'));
  }
}
