import { message } from '@idle-kettle/words/message';
import { RecipeDto, type Recipe } from '@idle-kettle/contract';
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
import { RecipesService } from './recipes.service.ts';

const RecipeId = new ParseUUIDPipe({
  exceptionFactory: () => new NotFound(message('problems.noSuchRecipe')),
});

@ApiTags('recipes')
@Controller('recipes')
export class RecipesController {
  constructor(private readonly recipes: RecipesService) {}

  @Get()
  @ApiOperation({ summary: 'The recipes with their versions, last changed first' })
  list(): Promise<Recipe[]> {
    return this.recipes.list();
  }

  @Get(':id')
  @ApiOperation({ summary: 'One recipe' })
  find(@Param('id', RecipeId) id: string): Promise<Recipe> {
    return this.recipes.find(id);
  }

  @Post()
  @ApiOperation({ summary: 'Keep a formula as a new recipe' })
  @bodyOf(RecipeDto)
  create(@Body() dto: RecipeDto): Promise<Recipe> {
    return this.recipes.create(dto);
  }

  @Post(':id/versions')
  @ApiOperation({ summary: 'Keep a new version of a recipe' })
  @bodyOf(RecipeDto)
  addVersion(@Param('id', RecipeId) id: string, @Body() dto: RecipeDto): Promise<Recipe> {
    return this.recipes.addVersion(id, dto);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Put a recipe away; it can be brought back' })
  remove(@Param('id', RecipeId) id: string): Promise<void> {
    return this.recipes.remove(id);
  }

  @Post(':id/restore')
  @HttpCode(200)
  @ApiOperation({ summary: 'Restore a deleted recipe' })
  restore(@Param('id', RecipeId) id: string): Promise<Recipe> {
    return this.recipes.restore(id);
  }
}
