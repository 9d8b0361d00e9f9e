import { formatLength } from '../../../core/units/length.ts';
import { useJob, useLocalise } from '../../open-job/use-job.ts';
import { hasFeature } from '../../../core/pieces/registry.ts';
import { ChoiceField } from '../../parts/fields/ChoiceField.tsx';
import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { EDGE_SCHOOLS, WALL_SCHOOLS } from '../../../core/job/document/stroke-schema.ts';
import { definitionOf } from '../../../core/pieces/registry.ts';
import { APPLICATION_WORDS, applicationsOf } from '../../../core/sequence/roles.ts';
import { EDGES, FACE_ORDERS, WALLS } from '../../../core/sequence/face-orders.ts';
import type { StrokesView } from './use-strokes.ts';

interface ChoiceProps<Id extends string> {
  label: string;
  value: Id;
  choices: readonly Id[];
  words: Readonly<Record<Id, { name: string; does: string }>>;
  onChange(id: Id): void;
}

/** One of several schools, with what it does beneath. */
function Choice<Id extends string>({ label, value, choices, words, onChange }: ChoiceProps<Id>) {
  const localise = useLocalise();
  return (
    <ChoiceField
      fullWidth
      label={label}
      value={value}
      helperText={localise(words[value].does)}
      choices={choices.map((id) => ({ value: id, words: words[id].name }))}
      onChange={onChange}
    />
  );
}

const LONG_REACHES = [300, 400, 600, 900, 1200, 1800] as const;

/** How a pass is painted: its schools, its tool, its hands and what is done to paint and air. */
export function SettingFields({ view }: { view: StrokesView }) {
  const job = useJob();
  const { piece, setting, change, result } = view;
  const { schools } = definitionOf(piece.kind);
  const roles = new Set(result.strokes.map(({ stroke }) => stroke.role));
  const isLong = roles.has('length') || roles.has('handrail');
  const hasWall = hasFeature(piece.kind, 'against-wall');
  const reaches = [...new Set<number>([...LONG_REACHES, setting.reach])].sort((one, other) => one - other);
  return (
    <Box sx={{ display: 'grid', gap: 2 }}>
      <Choice
        label="Method"
        value={setting.face}
        choices={schools}
        words={FACE_ORDERS}
        onChange={(face) => change({ face, order: null })}
      />
      {roles.has('edge') && (
        <Choice
          label="Edges"
          value={setting.edges}
          choices={EDGE_SCHOOLS}
          words={EDGES}
          onChange={(edges) => change({ edges, order: null })}
        />
      )}
      <Choice
        label="Tools"
        value={setting.application}
        choices={applicationsOf(view.pass.coating)}
        words={APPLICATION_WORDS}
        onChange={(application) => change({ application, order: null })}
      />
      {hasWall && (
        <Choice
          label="Trim or walls first"
          value={setting.walls}
          choices={WALL_SCHOOLS}
          words={WALLS}
          onChange={(walls) => change({ walls })}
        />
      )}
      {isLong && (
        <ChoiceField
          label="Reach"
          value={setting.reach}
          choices={reaches.map((reach) => ({ value: reach, words: formatLength(reach, job.settings.units) }))}
          onChange={(chosen) => change({ reach: chosen, order: null })}
        />
      )}
      <Box sx={{ display: 'grid' }}>
        <Tick label="Two painters" on={setting.painters === 2} onChange={(on) => change({ painters: on ? 2 : 1 })} />
        <Tick label="Add conditioner" on={setting.conditioner} onChange={(conditioner) => change({ conditioner })} />
        <Tick label="Dampen the air" on={setting.isDamped} onChange={(isDamped) => change({ isDamped })} />
        <Tick label="Stop at joints" on={setting.breaks} onChange={(breaks) => change({ breaks })} />
      </Box>
    </Box>
  );
}

function Tick({ label, on, onChange }: { label: string; on: boolean; onChange(on: boolean): void }) {
  return (
    <FormControlLabel
      control={<Checkbox checked={on} onChange={(_event, checked) => onChange(checked)} />}
      label={label}
      sx={{ mr: 0, minHeight: 40 }}
    />
  );
}
