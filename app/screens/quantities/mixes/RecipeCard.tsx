import { formatMoment } from '../../../../core/units/moments.ts';
import { PORTION, VOLUME } from '../../../../core/units/measures.ts';
import { MeasureField } from '../../../parts/fields/MeasureField.tsx';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import TextField from '@mui/material/TextField';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import type { Facts } from '../../../../core/job/commands/facts.ts';
import type { Recipe } from '../../../../core/job/document/buying-schema.ts';
import { scaledRecipe } from '../../../../core/quantities/mixes.ts';
import { accepted, type Outcome } from '../../../../core/units/outcome.ts';
import { useCommands, useJob, useNow } from '../../../open-job/use-job.ts';
import { StatedField } from '../../../parts/fields/StatedField.tsx';
import { DeleteIcon } from '../../../drawing/icons.tsx';

/** One colour: its parts, scaled to any volume, and what its drawdowns showed. */
export function RecipeCard({ recipe, needed }: { recipe: Recipe; needed: number | null }) {
  const job = useJob();
  const { units } = job.settings;
  const { apply } = useCommands();
  const [typed, setTyped] = useState('');
  const change = (facts: Facts<Recipe>, strokes?: string): Outcome<unknown> =>
    apply(
      'change-recipe',
      { id: recipe.id, facts },
      strokes ? { strokes: `${recipe.id}/${strokes}`, quiet: true } : {},
    );
  const litres = typed.trim() === '' ? accepted(needed ?? 1) : VOLUME.read(typed, [0.01, 200], units);
  const scaled = scaledRecipe(recipe.parts, litres.ok ? litres.value : 0);
  return (
    <Box
      component="li"
      aria-label={recipe.name}
      sx={{
        background: 'var(--sheet)',
        border: '1px solid var(--line)',
        borderRadius: '8px',
        p: 2,
        display: 'grid',
        gap: 1.5,
      }}
    >
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'center' }}>
        <Box
          sx={{
            width: 44,
            height: 44,
            borderRadius: '6px',
            border: '1px solid var(--line)',
            background: recipe.hex ?? 'repeating-linear-gradient(45deg, var(--line) 0 4px, var(--sheet) 4px 8px)',
          }}
        />
        <StatedField
          label="Colour’s name"
          text={recipe.name}
          draft={`${job.id}/${recipe.id}/name`}
          take={(name) => change({ name }, 'name')}
        />
        <StatedField
          label="Hex"
          text={recipe.hex ?? ''}
          draft={`${job.id}/${recipe.id}/hex`}
          sx={{ width: 130 }}
          take={(hex) => change({ hex: hex.trim() === '' ? null : hex.trim() }, 'hex')}
        />
        <TextField
          label={`Scale to, ${VOLUME.unit(units)}`}
          value={typed}
          placeholder={VOLUME.fieldValue(needed ?? 1, units).toFixed(2)}
          error={!litres.ok}
          helperText={litres.ok ? (needed === null ? '' : 'blank = what the job needs') : litres.message}
          onChange={(event) => setTyped(event.target.value)}
          sx={{ width: 180 }}
        />
        <Box sx={{ flex: 1 }} />
        <IconButton
          aria-label={`Remove the recipe ${recipe.name}`}
          onClick={() => apply('remove-recipe', { id: recipe.id })}
        >
          <DeleteIcon />
        </IconButton>
      </Box>
      <Box component="ol" aria-label={`Parts of ${recipe.name}`} sx={{ display: 'grid', gap: 1 }}>
        {recipe.parts.map((part, index) => (
          <PartRow
            key={index}
            part={part}
            scaled={scaled[index] ?? null}
            draft={`${job.id}/${recipe.id}/${index}`}
            change={(facts, key) => change({ parts: { [index]: facts } }, `part-${index}/${key}`)}
            onLeaveOut={
              recipe.parts.length === 1
                ? null
                : () => change({ parts: recipe.parts.filter((_part, at) => at !== index) })
            }
          />
        ))}
      </Box>
      <Button
        sx={{ justifySelf: 'start' }}
        onClick={() => change({ parts: [...recipe.parts, { what: 'new part', amount: 10 }] })}
      >
        Add part
      </Button>
      <Drawdowns recipe={recipe} onNote={(drawdown) => change({ drawdowns: { [drawdown.id]: drawdown } }).ok} />
    </Box>
  );
}

type Part = Recipe['parts'][number];

interface PartRowProps {
  part: Part;
  scaled: ReturnType<typeof scaledRecipe>[number] | null;
  draft: string;
  change(facts: Partial<Part>, key: string): Outcome<unknown>;
  onLeaveOut: (() => void) | null;
}

/** A part of a recipe: what it is, how much of it was mixed, and how much the litres that are asked for take. */
function PartRow({ part, scaled, draft, change, onLeaveOut }: PartRowProps) {
  const { units } = useJob().settings;
  return (
    <Box component="li" sx={{ display: 'flex', gap: 1.25, alignItems: 'center', flexWrap: 'wrap' }}>
      <StatedField label="Part" text={part.what} draft={`${draft}/what`} take={(what) => change({ what }, 'what')} />
      <MeasureField
        label="As mixed"
        measure={PORTION}
        value={part.amount}
        limits={[0.01, 100_000]}
        draft={`${draft}/amount`}
        sx={{ width: 130 }}
        take={(amount) => change({ amount }, 'amount')}
      />
      <Box className="condensed" sx={{ fontSize: 20, minWidth: 120 }}>
        {scaled && PORTION.format(scaled.millilitres, units, scaled.millilitres < 10 ? 1 : undefined)}
      </Box>
      <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>{scaled && `${(scaled.share * 100).toFixed(1)}%`}</Box>
      <IconButton aria-label={`Remove ${part.what}`} disabled={onLeaveOut === null} onClick={() => onLeaveOut?.()}>
        <DeleteIcon />
      </IconButton>
    </Box>
  );
}

/** What drawdowns of a colour have shown, and a line for the next one. */
function Drawdowns({ recipe, onNote }: { recipe: Recipe; onNote(drawdown: Recipe['drawdowns'][number]): boolean }) {
  const now = useNow();
  const [words, setWords] = useState('');
  return (
    <>
      <Box sx={{ display: 'flex', gap: 1.25, alignItems: 'center' }}>
        <TextField
          fullWidth
          label="Drawdown, dry, in daylight"
          value={words}
          onChange={(event) => setWords(event.target.value)}
        />
        <Button
          variant="outlined"
          sx={{ flex: 'none' }}
          disabled={words.trim() === ''}
          onClick={() => {
            if (onNote({ id: nanoid(8), at: now, words: words.trim(), hex: null })) setWords('');
          }}
        >
          Save note
        </Button>
      </Box>
      {recipe.drawdowns.length > 0 && (
        <Box component="ul" aria-label={`Drawdowns of ${recipe.name}`} sx={{ fontSize: 14 }}>
          {recipe.drawdowns.map(({ id, at, words: said }) => (
            <li key={id}>
              {formatMoment(at, 'dayTime')}: {said}
            </li>
          ))}
        </Box>
      )}
    </>
  );
}
