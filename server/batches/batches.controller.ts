import { message } from '@idle-kettle/words/message';
import { BatchDto, type Batch, type BatchSummary, type DeletedBatch } from '@idle-kettle/contract';
import {
  Body,
  Controller,
  Delete,
  Get,
  HttpCode,
  Param,
  ParseUUIDPipe,
  Post,
  Put,
} from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { bodyOf } from '../openapi.ts';
import { NotFound } from '../problem/errors.ts';
import { BatchesService } from './batches.service.ts';

const BatchId = new ParseUUIDPipe({
  exceptionFactory: () => new NotFound(message('problems.noSuchBatch')),
});

@ApiTags('batches')
@Controller('batches')
export class BatchesController {
  constructor(private readonly batches: BatchesService) {}

  @Get()
  @ApiOperation({ summary: 'The batches as their labels show them, last changed first' })
  list(): Promise<BatchSummary[]> {
    return this.batches.list();
  }

  @Get('deleted')
  @ApiOperation({ summary: 'The batches that were deleted and can be restored, the last first' })
  deleted(): Promise<DeletedBatch[]> {
    return this.batches.deleted();
  }

  @Get(':id')
  @ApiOperation({ summary: 'One batch' })
  find(@Param('id', BatchId) id: string): Promise<Batch> {
    return this.batches.find(id);
  }

  @Post()
  @ApiOperation({ summary: 'Save a new batch' })
  @bodyOf(BatchDto)
  create(@Body() dto: BatchDto): Promise<Batch> {
    return this.batches.create(dto);
  }

  @Put(':id')
  @ApiOperation({ summary: 'Save a change to a batch; 409 when it changed meanwhile' })
  @bodyOf(BatchDto)
  change(@Param('id', BatchId) id: string, @Body() dto: BatchDto): Promise<Batch> {
    return this.batches.change(id, dto);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Put a batch away; it can be brought back' })
  remove(@Param('id', BatchId) id: string): Promise<void> {
    return this.batches.remove(id);
  }

  @Post(':id/done')
  @HttpCode(204)
  @ApiOperation({ summary: 'Say that a batch is done: in jars, cooled, and where it is kept' })
  done(@Param('id', BatchId) id: string): Promise<void> {
    return this.batches.setDone(id, true);
  }

  @Delete(':id/done')
  @HttpCode(204)
  @ApiOperation({ summary: 'Say that a batch is not done after all' })
  notDone(@Param('id', BatchId) id: string): Promise<void> {
    return this.batches.setDone(id, false);
  }

  @Post(':id/restore')
  @HttpCode(200)
  @ApiOperation({ summary: 'Restore a deleted batch' })
  restore(@Param('id', BatchId) id: string): Promise<Batch> {
    return this.batches.restore(id);
  }
}
