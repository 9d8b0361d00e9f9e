import { ChoiceField, choicesOf } from '../../parts/fields/ChoiceField.tsx';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import IconButton from '@mui/material/IconButton';
import Switch from '@mui/material/Switch';
import { shelfOf } from '../../../core/job/queries/shelf.ts';
import type { Fills } from '../../../core/shelf/filler.ts';
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

/** What is filled before the first coat, grain apart, each with a filler of its own. */
const FILLED = [
  { fills: 'holes', label: 'Holes and dents' },
  { fills: 'repair', label: 'Broken wood' },
  { fills: 'joints', label: 'Joints to the wall' },
  { fills: 'putty', label: 'Putty at the glass' },
] as const satisfies readonly { fills: Fills; label: string }[];

/** Pores show on every face that is not filled: on the back of a cupboard door that may not matter. */
const GRAIN_FILLED_ON = { all: 'all faces', front: 'front only', back: 'back only' } as const;

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
    <ChoiceField
      size="small"
      label={label}
      value={value ?? ''}
      choices={[{ value: '', words: 'none' }, ...entries.map(({ id, name }) => ({ value: id, words: name }))]}
      onChange={(chosen) => onChoose(chosen || null)}
    />
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
        <ChoiceField
          size="small"
          label="Key"
          value={buildUp.key}
          choices={KEYS.map((key) => ({ value: key, words: KEY_WORDS[key] }))}
          onChange={(chosen) => onChange({ ...buildUp, key: chosen })}
        />
        {FILLED.map(({ fills, label }) => {
          const isOwn = (id: string): boolean => shelf.fillers.find((entry) => entry.id === id)?.fills === fills;
          const used = buildUp.fillers.find(isOwn) ?? null;
          const others = buildUp.fillers.filter((id) => !isOwn(id));
          return (
            <Choice
              key={fills}
              label={label}
              value={used}
              entries={offered(shelf.fillers, used).filter((entry) => entry.fills === fills)}
              onChoose={(id) => onChange({ ...buildUp, fillers: id === null ? others : [...others, id] })}
            />
          );
        })}
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
          <ChoiceField
            size="small"
            label="Passes"
            value={grainFill.passes}
            choices={[1, 2, 3, 4].map((passes) => ({ value: passes, words: passes }))}
            onChange={(chosen) => onChange({ ...buildUp, grainFill: { ...grainFill, passes: chosen } })}
          />
        )}
        {grainFill && (
          <ChoiceField
            size="small"
            label="Grain filled on"
            value={grainFill.onlyFace ?? 'all'}
            choices={choicesOf(GRAIN_FILLED_ON)}
            onChange={(chosen) =>
              onChange({ ...buildUp, grainFill: { ...grainFill, onlyFace: chosen === 'all' ? undefined : chosen } })
            }
          />
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
        label={localise('Different coats on the back')}
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
          <ChoiceField
            size="small"
            label={cleaning.length > 1 ? `Cleaner ${index + 1}` : 'Cleaner'}
            value={product}
            sx={{ flex: 1, minWidth: 0 }}
            choices={cleaners.map(({ id, name, archived }) => ({
              value: id,
              words: name,
              isDisabled: id !== product && (archived || cleaning.some((step) => step.product === id)),
            }))}
            onChange={(chosen) => {
              const cleaner = cleaners.find(({ id }) => id === chosen);
              if (cleaner) set(index, { product: cleaner.id, rinsed: cleaner.rinse });
            }}
          />
          <FormControlLabel
            control={<Switch checked={rinsed} onChange={(event) => set(index, { rinsed: event.target.checked })} />}
            label="rinsed"
          />
          <IconButton
            aria-label={`Remove cleaner ${index + 1}`}
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
          {cleaning.length === 0 ? 'Add cleaner' : 'Add another cleaner'}
        </Button>
      )}
    </Box>
  );
}
