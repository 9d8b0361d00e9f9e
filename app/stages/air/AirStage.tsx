import Box from '@mui/material/Box';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useJob } from '../../ui/job-context.tsx';
import { goTo, useRoute } from '../../ui/route.ts';
import { ClockView } from './clock/ClockView.tsx';
import { InstrumentTray } from './instruments/InstrumentTray.tsx';
import { OutsideView } from './outside/OutsideView.tsx';
import { PlacesView } from './places/PlacesView.tsx';
import { useAir } from './use-air.ts';

const VIEWS = {
  places: 'Places',
  outside: 'Outside faces',
  clock: 'Drying clock',
  instruments: 'Instruments',
} as const;
type View = keyof typeof VIEWS;

/** The air in which everything dries: of rooms, of the open, before each outside face, and what clocks and instruments say. */
export default function AirStage() {
  const { job } = useJob();
  const route = useRoute();
  const air = useAir();
  const view: View = route.view !== null && route.view in VIEWS ? (route.view as View) : 'places';
  return (
    <Box>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={view}
        aria-label="What is shown"
        className="no-print"
        onChange={(_event, next: View | null) => next && goTo({ stage: 'air', jobId: job.id, view: next }, 'replace')}
        sx={{ mb: 2, flexWrap: 'wrap' }}
      >
        {Object.entries(VIEWS).map(([id, name]) => (
          <ToggleButton key={id} value={id}>
            {name}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      {view === 'places' && <PlacesView air={air} />}
      {view === 'outside' && <OutsideView air={air} />}
      {view === 'clock' && <ClockView air={air} />}
      {view === 'instruments' && <InstrumentTray air={air} />}
    </Box>
  );
}
