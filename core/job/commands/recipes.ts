import { recipeSchema } from '../document/buying-schema.ts';
import { entity } from './entity.ts';

/** Colours of one's own. */
export const recipes = entity('recipes', recipeSchema, {
  called: 'recipe',
  words: {
    add: ({ name }) => `Add the recipe ${name}`,
    change: ({ name }) => `Change the recipe ${name}`,
    remove: (recipe) => `Remove the recipe ${recipe?.name ?? ''}`,
  },
});
