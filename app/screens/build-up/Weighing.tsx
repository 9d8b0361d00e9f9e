import { inSentence } from '../../../core/units/sentence.ts';
import Box from '@mui/material/Box';
import Chip from '@mui/material/Chip';
import Slider from '@mui/material/Slider';
import { CRITERIA, CRITERION_IDS, WEIGHT_PRESETS } from '../../../core/choosing/weigh.ts';
import type { Weights } from '../../../core/job/document/group-schema.ts';
import { Fold } from '../../parts/Fold.tsx';
import { useCommands, useJob } from '../../open-job/use-job.ts';

const isSame = (one: Weights, other: Weights): boolean => CRITERION_IDS.every((id) => one[id] === other[id]);

/** What counts how much when build-ups are ranked: by a name, or weight by weight. */
export function Weighing() {
  const job = useJob();
  const { apply } = useCommands();
  const preset = WEIGHT_PRESETS.find(({ weights }) => isSame(weights, job.weights));
  return (
    <Box sx={{ mb: 1.5 }}>
      <Box role="group" aria-label="Priority" sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'center' }}>
        <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>Priority:</Box>
        {WEIGHT_PRESETS.map(({ name, weights }) => (
          <Chip
            key={name}
            label={name}
            clickable
            aria-pressed={preset?.name === name}
            onClick={() => apply('change-weights', weights)}
            sx={{
              minHeight: 36,
              border: '1px solid',
              borderColor: preset?.name === name ? 'var(--ink)' : 'var(--line)',
              background: preset?.name === name ? 'var(--vial)' : 'var(--sheet)',
              color: preset?.name === name ? '#18292b' : 'var(--ink)',
              fontWeight: 600,
            }}
          />
        ))}
      </Box>
      <Fold title="Fine-tune" summary={preset ? inSentence(preset.name) : 'your own'}>
        <Box
          sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(190px, 1fr))', columnGap: 4, pr: 2 }}
        >
          {CRITERION_IDS.map((id) => (
            <Box key={id} sx={{ fontSize: 14 }}>
              {CRITERIA[id].name}: {job.weights[id]}
              <Slider
                size="small"
                aria-label={CRITERIA[id].name}
                min={0}
                max={4}
                step={1}
                marks
                value={job.weights[id]}
                onChange={(_event, value) => apply('change-weights', { [id]: value }, { strokes: `weight/${id}` })}
              />
            </Box>
          ))}
        </Box>
      </Fold>
    </Box>
  );
}
