import { z } from 'zod';
import { recipeSchema } from '../buying-schema.ts';
import { jobSchema } from '../schema.ts';
import { command, entryOf } from './definition.ts';

/** Changes the bucket in which tins are boxed, or the least that can be measured. */
export const changeMixing = command({
  args: () => jobSchema.unwrap().shape.mixing.unwrap().partial(),
  label: (mixing) => `Change ${Object.keys(mixing).join(', ')} of mixing`,
  change(draft, mixing) {
    for (const [key, value] of Object.entries(mixing)) {
      if (value !== undefined) Object.assign(draft.mixing, { [key]: value });
    }
  },
});

/** Adds a recipe, or changes the one with its id. */
export const stateRecipe = command({
  args: () => z.object({ recipe: recipeSchema }),
  label: ({ recipe }) => `State the recipe ${recipe.name}`,
  change(draft, { recipe }) {
    const index = draft.recipes.findIndex(({ id }) => id === recipe.id);
    if (index < 0) draft.recipes.push(recipe);
    else draft.recipes[index] = recipe;
  },
});

/** Takes a recipe out of the job. */
export const removeRecipe = command({
  args: () => z.object({ id: z.string() }),
  label: ({ id }, job) => `Remove the recipe ${job.recipes.find((recipe) => recipe.id === id)?.name ?? ''}`,
  change(draft, { id }) {
    entryOf(draft.recipes, id, 'recipe');
    draft.recipes = draft.recipes.filter((recipe) => recipe.id !== id);
  },
});

/** Changes rates, shares and prices. */
export const changePricing = command({
  args: () => jobSchema.unwrap().shape.pricing.unwrap().partial(),
  label: (pricing) => `Change ${Object.keys(pricing).join(', ')} of the price`,
  change(draft, pricing) {
    for (const [key, value] of Object.entries(pricing)) {
      if (value !== undefined) Object.assign(draft.pricing, { [key]: value });
    }
  },
});
