import { message } from '@idle-kettle/words/message';
import { RecipeDto, type Recipe } from '@idle-kettle/contract';
import { Body, Controller, Delete, Get, HttpCode, Param, Post } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { By, Needs, type Actor } from '../identity/actor.ts';
import { bodyOf } from '../openapi.ts';
import { idPipe } from '../problem/idPipe.ts';
import { RecipesService } from './recipes.service.ts';

const RecipeId = idPipe(message('problems.noSuchRecipe'));

@ApiTags('recipes')
@Controller('recipes')
export class RecipesController {
  constructor(private readonly recipes: RecipesService) {}

  @Get()
  @Needs('look')
  @ApiOperation({ summary: 'The recipes with their versions, last changed first' })
  list(@By() { householdId }: Actor): Promise<Recipe[]> {
    return this.recipes.list(householdId);
  }

  @Get(':id')
  @Needs('look')
  @ApiOperation({ summary: 'One recipe' })
  find(@By() { householdId }: Actor, @Param('id', RecipeId) id: string): Promise<Recipe> {
    return this.recipes.find(householdId, id);
  }

  @Post()
  @Needs('cook')
  @ApiOperation({ summary: 'Keep a formula as a new recipe' })
  @bodyOf(RecipeDto)
  create(@By() { householdId }: Actor, @Body() dto: RecipeDto): Promise<Recipe> {
    return this.recipes.create(householdId, dto);
  }

  @Post(':id/versions')
  @Needs('cook')
  @ApiOperation({ summary: 'Keep a new version of a recipe' })
  @bodyOf(RecipeDto)
  addVersion(
    @By() { householdId }: Actor,
    @Param('id', RecipeId) id: string,
    @Body() dto: RecipeDto,
  ): Promise<Recipe> {
    return this.recipes.addVersion(householdId, id, dto);
  }

  @Delete(':id')
  @Needs('remove')
  @HttpCode(204)
  @ApiOperation({ summary: 'Put a recipe away; it can be brought back' })
  remove(@By() actor: Actor, @Param('id', RecipeId) id: string): Promise<void> {
    return this.recipes.remove(actor, id);
  }

  @Post(':id/restore')
  @Needs('remove')
  @HttpCode(200)
  @ApiOperation({ summary: 'Restore a deleted recipe' })
  restore(@By() { householdId }: Actor, @Param('id', RecipeId) id: string): Promise<Recipe> {
    return this.recipes.restore(householdId, id);
  }
}
