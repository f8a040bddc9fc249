export * from './figures.ts';
export * from './methodText.ts';
export * from './planCsv.ts';
export * from './planText.ts';
export * from './recipe.ts';
export * from './recipeJsonLd.ts';
export * from './recipeText.ts';
