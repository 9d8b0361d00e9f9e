import { ChoiceField } from '../../parts/fields/ChoiceField.tsx';
import Box from '@mui/material/Box';
import {
  CONDITION_IDS,
  CONDITIONS,
  EXISTING_COAT_IDS,
  EXISTING_COATS,
  SUBSTRATE_IDS,
  SUBSTRATES,
} from '../../../core/pieces/substrate.ts';
import type { Surface } from '../../../core/job/document/piece-schema.ts';

interface SurfaceFieldsProps {
  surface: Surface;
  onChange(surface: Surface): void;
}

/** What it is made of, what is on it, and in what state that is. */
export function SurfaceFields({ surface, onChange }: SurfaceFieldsProps) {
  const select = <K extends keyof Surface>(
    key: K,
    label: string,
    options: readonly (readonly [Surface[K], string])[],
  ) => (
    <ChoiceField
      label={label}
      value={surface[key]}
      choices={options.map(([value, words]) => ({ value: value, words }))}
      onChange={(chosen) => onChange({ ...surface, [key]: chosen })}
    />
  );
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fit, minmax(112px, 1fr))', gap: 1.25 }}>
      {select(
        'substrate',
        'Material',
        SUBSTRATE_IDS.map((id) => [id, SUBSTRATES[id].name] as const),
      )}
      {select(
        'existing',
        'Existing finish',
        EXISTING_COAT_IDS.map((id) => [id, EXISTING_COATS[id]] as const),
      )}
      {select(
        'condition',
        'Condition',
        CONDITION_IDS.map((id) => [id, CONDITIONS[id]] as const),
      )}
    </Box>
  );
}
