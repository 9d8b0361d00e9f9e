import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import IconButton from '@mui/material/IconButton';
import MenuItem from '@mui/material/MenuItem';
import Switch from '@mui/material/Switch';
import TextField from '@mui/material/TextField';
import { shelfOf } from '../../../core/job/queries/shelf.ts';
import { KEYS, type BuildUp } from '../../../core/job/document/group-schema.ts';
import type { Job } from '../../../core/job/document/schema.ts';
import { AddIcon, DeleteIcon } from '../../drawing/icons.tsx';
import { KEY_WORDS } from '../../parts/key-words.ts';
import { useLocalise } from '../../open-job/use-job.ts';
import { CoatList } from './CoatList.tsx';

interface BuildUpEditorProps {
  job: Job;
  buildUp: BuildUp;
  onChange(buildUp: BuildUp): void;
}

interface Named {
  id: string;
  name: string;
}

/** A choice among entries of the shelf, or none. */
function Choice({
  label,
  value,
  entries,
  onChoose,
}: {
  label: string;
  value: string | null;
  entries: readonly Named[];
  onChoose(id: string | null): void;
}) {
  return (
    <TextField
      select
      size="small"
      label={label}
      value={value ?? ''}
      onChange={(event) => onChoose(event.target.value || null)}
    >
      <MenuItem value="">none</MenuItem>
      {entries.map(({ id, name }) => (
        <MenuItem key={id} value={id}>
          {name}
        </MenuItem>
      ))}
    </TextField>
  );
}

/** Changes a chosen build-up step by step; the verdict beside it follows. */
export function BuildUpEditor({ job, buildUp, onChange }: BuildUpEditorProps) {
  const localise = useLocalise();
  const shelf = shelfOf(job);
  const offered = <E extends Named & { archived: boolean }>(entries: readonly E[], used: string | null): E[] =>
    entries.filter(({ id, archived }) => !archived || id === used);
  const back = buildUp.faceCoats.back;
  const { grainFill } = buildUp;
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 1.25, alignContent: 'start' }}>
      <Cleaning job={job} buildUp={buildUp} onChange={onChange} />
      <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(180px, 1fr))', gap: 1.25 }}>
        <TextField
          select
          size="small"
          label="Key"
          value={buildUp.key}
          onChange={(event) => onChange({ ...buildUp, key: event.target.value as BuildUp['key'] })}
        >
          {KEYS.map((key) => (
            <MenuItem key={key} value={key}>
              {KEY_WORDS[key]}
            </MenuItem>
          ))}
        </TextField>
        <Choice
          label="Holes and dents"
          value={buildUp.filler}
          entries={offered(shelf.fillers, buildUp.filler).filter(({ fills }) => fills !== 'grain')}
          onChoose={(filler) => onChange({ ...buildUp, filler })}
        />
        <Choice
          label="Grain filler"
          value={grainFill?.product ?? null}
          entries={offered(shelf.fillers, grainFill?.product ?? null).filter(({ fills }) => fills === 'grain')}
          onChoose={(product) => {
            const passes = shelf.fillers.find(({ id }) => id === product)?.passes ?? 2;
            onChange({ ...buildUp, grainFill: product === null ? null : { product, passes } });
          }}
        />
        {grainFill && (
          <TextField
            select
            size="small"
            label="Passes"
            value={grainFill.passes}
            onChange={(event) =>
              onChange({ ...buildUp, grainFill: { ...grainFill, passes: Number(event.target.value) } })
            }
          >
            {[1, 2, 3, 4].map((passes) => (
              <MenuItem key={passes} value={passes}>
                {passes}
              </MenuItem>
            ))}
          </TextField>
        )}
        <Choice
          label="Preservative"
          value={buildUp.preservative}
          entries={offered(shelf.preservatives, buildUp.preservative)}
          onChoose={(preservative) => onChange({ ...buildUp, preservative })}
        />
      </Box>
      <CoatList
        job={job}
        label={back ? 'Front and edges' : 'All faces'}
        coats={buildUp.coats}
        onChange={(coats) => onChange({ ...buildUp, coats })}
      />
      {back && (
        <CoatList
          job={job}
          label="Back"
          coats={back}
          onChange={(coats) => onChange({ ...buildUp, faceCoats: { ...buildUp.faceCoats, back: coats } })}
        />
      )}
      <FormControlLabel
        control={
          <Switch
            checked={back !== undefined}
            onChange={(event) =>
              onChange({ ...buildUp, faceCoats: event.target.checked ? { back: buildUp.coats } : {} })
            }
          />
        }
        label={localise('Other coats on the back, such as outside paint')}
      />
    </Box>
  );
}

/** Cleaners in the order in which they are used, each rinsed or not. */
function Cleaning({ job, buildUp, onChange }: BuildUpEditorProps) {
  const { cleaners } = shelfOf(job);
  const { cleaning } = buildUp;
  const set = (index: number, facts: Partial<BuildUp['cleaning'][number]>): void =>
    onChange({
      ...buildUp,
      cleaning: cleaning.map((step, other) => (other === index ? { ...step, ...facts } : step)),
    });
  const unused = cleaners.filter(({ id, archived }) => !archived && !cleaning.some(({ product }) => product === id));
  const [next] = unused;
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 1 }}>
      {cleaning.map(({ product, rinsed }, index) => (
        <Box key={product} sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
          <TextField
            select
            size="small"
            label={cleaning.length > 1 ? `Cleaner ${index + 1}` : 'Cleaner'}
            value={product}
            sx={{ flex: 1, minWidth: 0 }}
            onChange={(event) => {
              const chosen = cleaners.find(({ id }) => id === event.target.value);
              if (chosen) set(index, { product: chosen.id, rinsed: chosen.rinse });
            }}
          >
            {cleaners.map(({ id, name, archived }) => (
              <MenuItem
                key={id}
                value={id}
                disabled={id !== product && (archived || cleaning.some((step) => step.product === id))}
              >
                {name}
              </MenuItem>
            ))}
          </TextField>
          <FormControlLabel
            control={<Switch checked={rinsed} onChange={(event) => set(index, { rinsed: event.target.checked })} />}
            label="rinsed"
          />
          <IconButton
            aria-label={`Leave out cleaner ${index + 1}`}
            onClick={() => onChange({ ...buildUp, cleaning: cleaning.filter((_step, other) => other !== index) })}
          >
            <DeleteIcon />
          </IconButton>
        </Box>
      ))}
      {next && cleaning.length < 4 && (
        <Button
          size="small"
          startIcon={<AddIcon />}
          sx={{ justifySelf: 'start' }}
          onClick={() => onChange({ ...buildUp, cleaning: [...cleaning, { product: next.id, rinsed: next.rinse }] })}
        >
          {cleaning.length === 0 ? 'Add a cleaner' : 'Another cleaner'}
        </Button>
      )}
    </Box>
  );
}
