import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { CookSessionModel } from '../cookSessions/cookSession.model.ts';
import { SessionEntryModel } from '../cookSessions/sessionEntry.model.ts';
import { KitchenModule } from '../kitchen/kitchen.module.ts';
import { BatchModel } from '../batches/batch.model.ts';
import { RecipeModel } from '../recipes/recipe.model.ts';
import { RecipeVersionModel } from '../recipes/recipeVersion.model.ts';
import { BookController } from './book.controller.ts';
import { BookCsvService } from './bookCsv.service.ts';
import { BookFileController } from './bookFile.controller.ts';
import { BookExportService } from './bookExport.service.ts';
import { BookImportService } from './bookImport.service.ts';
import { BookKeeper } from './bookKeeper.service.ts';
import { BookReader } from './bookReader.service.ts';
import { BookRecordModel } from './bookRecord.model.ts';
import { BookService } from './book.service.ts';
import { ChartsService } from './charts.service.ts';
import { KnowledgeService } from './knowledge.service.ts';
import { OutcomeModel } from './outcome.model.ts';
import { OutcomesService } from './outcomes.service.ts';
import { PhotoModel } from './photo.model.ts';
import { PhotosService } from './photos.service.ts';
import { TroubledCookService } from './troubledCook.service.ts';

@Module({
  imports: [
    SequelizeModule.forFeature([
      CookSessionModel,
      SessionEntryModel,
      BatchModel,
      RecipeModel,
      RecipeVersionModel,
      OutcomeModel,
      PhotoModel,
      BookRecordModel,
    ]),
    KitchenModule,
  ],
  controllers: [BookFileController, BookController],
  providers: [
    BookService,
    BookCsvService,
    BookExportService,
    BookImportService,
    BookKeeper,
    BookReader,
    ChartsService,
    KnowledgeService,
    OutcomesService,
    PhotosService,
    TroubledCookService,
  ],
})
export class BookModule {}
