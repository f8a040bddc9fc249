export const RECIPES = {
  'recipes.theRecipes': 'the recipes',
  'recipes.recipes': 'Recipes',
  'recipes.deleted': 'Deleted “{{name}}”.',
  'recipes.restore': 'Restore',
  'recipes.noRecipesYet': 'No recipes yet.',
  'recipes.openABatchAndChoose':
    'Open a batch and choose “Save & share” to save its formula as a recipe. Then start your next batch from it.',
  'recipes.theRecipe': 'the recipe {{name}}',
  'recipes.delete': 'Delete {{name}}',
  'recipes.version': 'Version',
  'recipes.startABatchFromIt': 'Start a batch from it',
} as const;
