import { systemOf, UNIT_SYSTEM_IDS } from '../../core/units/unit-systems.ts';
import Box from '@mui/material/Box';
import FormControlLabel from '@mui/material/FormControlLabel';
import Popover from '@mui/material/Popover';
import Switch from '@mui/material/Switch';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useColorScheme } from '@mui/material/styles';
import type { Job } from '../../core/job/document/schema.ts';
import { useCommands, useJob } from '../open-job/use-job.ts';
import { useSiteMode } from './use-site-mode.ts';

interface ChoiceProps<T extends string> {
  label: string;
  value: T;
  options: readonly (readonly [T, string])[];
  onChange(value: T): void;
}

function Choice<T extends string>({ label, value, options, onChange }: ChoiceProps<T>) {
  return (
    <Box sx={{ mb: 2 }}>
      <Typography component="div" variant="body2" sx={{ color: 'var(--ink-soft)', mb: 0.5 }}>
        {label}
      </Typography>
      <ToggleButtonGroup
        exclusive
        fullWidth
        size="small"
        aria-label={label}
        value={value}
        onChange={(_event, chosen: T | null) => chosen && onChange(chosen)}
      >
        {options.map(([option, words]) => (
          <ToggleButton key={option} value={option}>
            {words}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
    </Box>
  );
}

/** Units and vocabulary of this job; light, dark and sunlight on this device. */
export default function SettingsPanel({ anchor, onClose }: { anchor: HTMLElement; onClose(): void }) {
  const job = useJob();
  const { apply } = useCommands();
  const { mode, setMode } = useColorScheme();
  const [site, setSite] = useSiteMode();
  const { units, vocabulary } = job.settings;
  return (
    <Popover
      open
      anchorEl={anchor}
      onClose={onClose}
      anchorOrigin={{ vertical: 'bottom', horizontal: 'right' }}
      transformOrigin={{ vertical: 'top', horizontal: 'right' }}
    >
      <Box role="dialog" aria-label="Settings" sx={{ p: 2.5, width: 320 }}>
        <Choice<Job['settings']['units']>
          label="Units"
          value={units}
          options={UNIT_SYSTEM_IDS.map((id) => [id, systemOf(id).units] as const)}
          onChange={(chosen) => apply('change-settings', { units: chosen })}
        />
        <Choice<Job['settings']['vocabulary']>
          label="UK or US terms"
          value={vocabulary}
          options={[
            ['uk', 'UK terms'],
            ['us', 'US terms'],
          ]}
          onChange={(chosen) => apply('change-settings', { vocabulary: chosen })}
        />
        <Choice<'light' | 'dark' | 'system'>
          label="Theme"
          value={mode ?? 'system'}
          options={[
            ['light', 'light'],
            ['dark', 'dark'],
            ['system', 'match device'],
          ]}
          onChange={setMode}
        />
        <FormControlLabel
          control={<Switch checked={site} onChange={(event) => setSite(event.target.checked)} />}
          label="High contrast for sunlight"
        />
      </Box>
    </Popover>
  );
}
