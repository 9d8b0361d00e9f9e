import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useLocalise } from '../../open-job/use-job.ts';

interface ToggleChoiceProps<T extends string> {
  label: string;
  /** Null while nothing is chosen. */
  value: NoInfer<T> | null;
  choices: readonly { value: T; words: string }[];
  isDisabled?: boolean;
  onChange(chosen: NoInfer<T>): void;
}

/** One of a few things, all of them in sight, each a tap wide enough for a thumb. */
export function ToggleChoice<T extends string>({
  label,
  value,
  choices,
  isDisabled = false,
  onChange,
}: ToggleChoiceProps<T>) {
  const localise = useLocalise();
  return (
    <ToggleButtonGroup
      exclusive
      disabled={isDisabled}
      value={value}
      aria-label={localise(label)}
      onChange={(_event, next: T | null) => next !== null && onChange(next)}
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        gap: 0.75,
        '& .MuiToggleButton-root.MuiToggleButton-root': {
          minHeight: 44,
          border: '1px solid var(--line)',
          borderRadius: '6px',
          m: 0,
          background: 'var(--sheet)',
          fontSize: 15,
        },
        '& .MuiToggleButton-root.Mui-selected.Mui-selected': {
          background: 'var(--bottle)',
          color: 'var(--on-bottle)',
          borderColor: 'var(--bottle)',
        },
      }}
    >
      {choices.map(({ value: each, words }) => (
        <ToggleButton key={each} value={each}>
          {localise(words)}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  );
}
