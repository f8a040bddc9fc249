import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { RecipeModel } from './recipe.model.ts';
import { RecipeVersionModel } from './recipeVersion.model.ts';
import { RecipesController } from './recipes.controller.ts';
import { RecipesService } from './recipes.service.ts';

@Module({
  imports: [SequelizeModule.forFeature([RecipeModel, RecipeVersionModel])],
  controllers: [RecipesController],
  providers: [RecipesService],
  exports: [RecipesService],
})
export class RecipesModule {}
