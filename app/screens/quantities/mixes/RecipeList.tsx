import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { nanoid } from 'nanoid';
import type { ProductNeed } from '../../../../core/quantities/litres.ts';
import { useCommands, useJob, useLocalise } from '../../../open-job/use-job.ts';
import { Section } from '../../../parts/Section.tsx';
import { RecipeCard } from './RecipeCard.tsx';

/** Colours that are mixed at home, so that they can be mixed again. */
export function RecipeList({ needs }: { needs: readonly ProductNeed[] }) {
  const localise = useLocalise();
  const job = useJob();
  const { apply } = useCommands();
  return (
    <Section
      title="Your colours"
      aside={
        <Button
          onClick={() =>
            apply('add-recipe', {
              entry: {
                id: nanoid(8),
                name: `Colour ${job.recipes.length + 1}`,
                hex: null,
                parts: [{ what: 'white', amount: 900 }],
                drawdowns: [],
              },
            })
          }
        >
          Add recipe
        </Button>
      }
    >
      {job.recipes.length === 0 && (
        <Typography sx={{ color: 'var(--ink-soft)' }}>
          {localise('Mixed your own colour? Write down the parts here so you can match it again.')}
        </Typography>
      )}
      <Box component="ul" sx={{ display: 'grid', gap: 1.5 }}>
        {job.recipes.map((recipe) => (
          <RecipeCard
            key={recipe.id}
            recipe={recipe}
            needed={
              needs.find(({ colour }) => colour?.name.toLowerCase() === recipe.name.toLowerCase())?.litres ?? null
            }
          />
        ))}
      </Box>
    </Section>
  );
}
