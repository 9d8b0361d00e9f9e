import AddIcon from '@mui/icons-material/Add';
import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import IconButton from '@mui/material/IconButton';
import MenuItem from '@mui/material/MenuItem';
import Switch from '@mui/material/Switch';
import TextField from '@mui/material/TextField';
import { shelfOf } from '../../../core/job/queries.ts';
import { TOOLS, type BuildUp, type Coat, type Job, type Tool } from '../../../core/job/schema.ts';
import { DEFAULT_CLEANERS } from '../../../core/shelf/cleaner.ts';
import { useJob } from '../../ui/job-context.tsx';
import { TinFigures } from './TinFigures.tsx';

interface BuildUpEditorProps {
  job: Job;
  buildUp: BuildUp;
  onChange(buildUp: BuildUp): void;
}

const KEYS: readonly (readonly [BuildUp['key'], string])[] = [
  ['abrade', 'abrade, 180–240'],
  ['degloss', 'degloss'],
  ['none', 'none'],
];

/** Changes a chosen build-up step by step; the verdict beside it follows. */
export function BuildUpEditor({ job, buildUp, onChange }: BuildUpEditorProps) {
  const { say } = useJob();
  const backDiffers = buildUp.faceCoats.back !== undefined;
  return (
    <Box sx={{ display: 'grid', gap: 1.5, alignContent: 'start' }}>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1.4fr 1fr', gap: 1.25 }}>
        <TextField
          select
          label="Cleaner"
          value={buildUp.cleaner ?? ''}
          onChange={(event) => {
            const cleaner = DEFAULT_CLEANERS.find(({ id }) => id === event.target.value);
            onChange({ ...buildUp, cleaner: cleaner?.id ?? null, rinsed: cleaner?.rinse ?? false });
          }}
        >
          <MenuItem value="">none</MenuItem>
          {DEFAULT_CLEANERS.map((cleaner) => (
            <MenuItem key={cleaner.id} value={cleaner.id}>
              {cleaner.name}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          select
          label="Key"
          value={buildUp.key}
          onChange={(event) => onChange({ ...buildUp, key: event.target.value as BuildUp['key'] })}
        >
          {KEYS.map(([value, words]) => (
            <MenuItem key={value} value={value}>
              {words}
            </MenuItem>
          ))}
        </TextField>
      </Box>
      <FormControlLabel
        control={
          <Switch
            checked={buildUp.rinsed}
            onChange={(event) => onChange({ ...buildUp, rinsed: event.target.checked })}
          />
        }
        label="Rinse with clean water"
      />
      <CoatList
        job={job}
        label={backDiffers ? 'Front and edges' : 'All faces'}
        coats={buildUp.coats}
        onChange={(coats) => onChange({ ...buildUp, coats })}
      />
      {buildUp.faceCoats.back && (
        <CoatList
          job={job}
          label="Back"
          coats={buildUp.faceCoats.back}
          onChange={(back) => onChange({ ...buildUp, faceCoats: { ...buildUp.faceCoats, back } })}
        />
      )}
      <FormControlLabel
        control={
          <Switch
            checked={backDiffers}
            onChange={(event) =>
              onChange({ ...buildUp, faceCoats: event.target.checked ? { back: buildUp.coats } : {} })
            }
          />
        }
        label={say('Other coats on the back, such as outside paint')}
      />
    </Box>
  );
}

interface CoatListProps {
  job: Job;
  label: string;
  coats: readonly Coat[];
  onChange(coats: Coat[]): void;
}

function CoatList({ job, label, coats, onChange }: CoatListProps) {
  const shelf = shelfOf(job);
  const change = (index: number, facts: Partial<Coat>): void =>
    onChange(coats.map((coat, other) => (other === index ? { ...coat, ...facts } : coat)));
  return (
    <Box
      component="fieldset"
      sx={{ border: '1px solid var(--line)', borderRadius: '6px', p: 1.5, m: 0, display: 'grid', gap: 1 }}
    >
      <Box component="legend" sx={{ px: 0.75, fontSize: 14, color: 'var(--ink-soft)' }}>
        {label}, first coat on top of this list
      </Box>
      {coats.map((coat, index) => (
        <Box key={index} sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr) 104px 40px 40px', gap: 1 }}>
          <TextField
            select
            label={`Coat ${index + 1}`}
            value={coat.product}
            onChange={(event) => change(index, { product: event.target.value })}
          >
            {shelf.map((coating) => (
              <MenuItem key={coating.id} value={coating.id}>
                {coating.name}
              </MenuItem>
            ))}
          </TextField>
          <TextField
            select
            label="With"
            value={coat.tool}
            onChange={(event) => change(index, { tool: event.target.value as Tool })}
          >
            {TOOLS.map((tool) => (
              <MenuItem key={tool} value={tool}>
                {tool}
              </MenuItem>
            ))}
          </TextField>
          <TinFigures coating={shelf.find(({ id }) => id === coat.product)} />
          <IconButton
            aria-label={`Remove coat ${index + 1}`}
            disabled={coats.length === 1}
            onClick={() => onChange(coats.filter((_coat, other) => other !== index))}
          >
            <DeleteIcon />
          </IconButton>
        </Box>
      ))}
      <Button
        size="small"
        startIcon={<AddIcon />}
        sx={{ justifySelf: 'start' }}
        disabled={coats.length >= 10}
        onClick={() => onChange([...coats, coats.at(-1) ?? { product: 'enamel-acrylic', tool: 'roller', thinning: 0 }])}
      >
        Another coat
      </Button>
    </Box>
  );
}
