import { BOOK_FORMAT, BookFileDto, type BookImported } from '@idle-kettle/contract/bookFile';
import { BadInput } from '../problem/errors.ts';
import { message } from '@idle-kettle/words/message';
import { Controller, Get, Header, HttpCode, Post, Req, StreamableFile } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Request } from 'express';
import { Readable } from 'node:stream';
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
  @ApiOperation({ summary: 'Take a Book in that was exported: all of it or nothing' })
  @bodyOf(BookFileDto)
  take(@By() actor: Actor, @Req() { body }: Request): Promise<BookImported> {
    if (typeof body !== 'string')
      throw new BadInput([{ field: '', message: message('requests.oneObject') }]);
    return this.imports.take(actor, body);
  }
}
