import { recipeSchema } from '../document/buying-schema.ts';
import { entity } from './entity.ts';

/** Colours of one's own. */
export const recipes = entity('recipes', recipeSchema, {
  called: 'recipe',
  words: {
    add: ({ name }) => `Added the recipe ${name}`,
    change: ({ name }) => `Changed the recipe ${name}`,
    remove: (recipe) => `Removed the recipe ${recipe?.name ?? ''}`,
  },
});
