import { message } from '@idle-kettle/words/message';
import { BatchDto, type Batch, type BatchSummary, type DeletedBatch } from '@idle-kettle/contract';
import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { By, Needs, type Actor } from '../identity/actor.ts';
import { AuditService } from '../identity/audit.service.ts';
import { bodyOf } from '../openapi.ts';
import { idPipe } from '../problem/idPipe.ts';
import { BatchesService } from './batches.service.ts';

const BatchId = idPipe(message('problems.noSuchBatch'));

@ApiTags('batches')
@Controller('batches')
export class BatchesController {
  constructor(
    private readonly batches: BatchesService,
    private readonly audit: AuditService,
  ) {}

  @Get()
  @Needs('look')
  @ApiOperation({ summary: 'The batches as their labels show them, last changed first' })
  list(@By() { householdId }: Actor): Promise<BatchSummary[]> {
    return this.batches.list(householdId);
  }

  @Get('deleted')
  @Needs('look')
  @ApiOperation({ summary: 'The batches that were deleted and can be restored, the last first' })
  deleted(@By() { householdId }: Actor): Promise<DeletedBatch[]> {
    return this.batches.deleted(householdId);
  }

  @Get(':id')
  @Needs('look')
  @ApiOperation({ summary: 'One batch' })
  find(@By() { householdId }: Actor, @Param('id', BatchId) id: string): Promise<Batch> {
    return this.batches.find(householdId, id);
  }

  @Post()
  @Needs('cook')
  @ApiOperation({ summary: 'Save a new batch' })
  @bodyOf(BatchDto)
  async create(@By() actor: Actor, @Body() dto: BatchDto): Promise<Batch> {
    return this.noted(actor, await this.batches.create(actor.householdId, dto));
  }

  @Put(':id')
  @Needs('cook')
  @ApiOperation({ summary: 'Save a change to a batch; 409 when it changed meanwhile' })
  @bodyOf(BatchDto)
  async change(
    @By() actor: Actor,
    @Param('id', BatchId) id: string,
    @Body() dto: BatchDto,
  ): Promise<Batch> {
    return this.noted(actor, await this.batches.change(actor.householdId, id, dto));
  }

  @Delete(':id')
  @Needs('remove')
  @HttpCode(204)
  @ApiOperation({ summary: 'Put a batch away; it can be brought back' })
  remove(@By() actor: Actor, @Param('id', BatchId) id: string): Promise<void> {
    return this.batches.remove(actor, id);
  }

  @Post(':id/done')
  @Needs('cook')
  @HttpCode(204)
  @ApiOperation({ summary: 'Say that a batch is done: in jars, cooled, and where it is kept' })
  done(@By() { householdId }: Actor, @Param('id', BatchId) id: string): Promise<void> {
    return this.batches.setDone(householdId, id, true);
  }

  @Delete(':id/done')
  @Needs('cook')
  @HttpCode(204)
  @ApiOperation({ summary: 'Say that a batch is not done after all' })
  notDone(@By() { householdId }: Actor, @Param('id', BatchId) id: string): Promise<void> {
    return this.batches.setDone(householdId, id, false);
  }

  @Post(':id/restore')
  @Needs('remove')
  @HttpCode(200)
  @ApiOperation({ summary: 'Restore a deleted batch' })
  restore(@By() { householdId }: Actor, @Param('id', BatchId) id: string): Promise<Batch> {
    return this.batches.restore(householdId, id);
  }

  /** Where jars may be kept by a formula or a reading that somebody vouches for, that is noted. */
  private async noted(actor: Actor, batch: Batch): Promise<Batch> {
    const { testedFormula = null, meterPH = null } = batch.settings.assurance ?? {};
    const by = testedFormula ?? (meterPH === null ? null : `pH ${meterPH}`);
    if (by !== null) await this.audit.noteOnce(actor, 'storage-confirmed', `${batch.name}: ${by}`);
    return batch;
  }
}
