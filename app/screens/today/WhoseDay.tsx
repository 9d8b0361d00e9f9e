import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import type { Job } from '../../../core/job/document/schema.ts';

interface WhoseDayProps {
  crew: Job['crew'];
  painterId: string;
  onChoose(painterId: string): void;
}

/** Which painter holds the phone. */
export function WhoseDay({ crew, painterId, onChoose }: WhoseDayProps) {
  return (
    <ToggleButtonGroup
      exclusive
      value={painterId}
      aria-label="Whose day"
      onChange={(_event, id: string | null) => id && onChoose(id)}
    >
      {crew.map(({ id, name }) => (
        <ToggleButton key={id} value={id} sx={{ minHeight: 44 }}>
          {name}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  );
}
