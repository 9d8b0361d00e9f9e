import Box from '@mui/material/Box';
import { PractiseLink } from '../../parts/practice/PractiseLink.tsx';
import { StageViews, useView } from '../../parts/ScreenViews.tsx';
import { ClockView } from './clock/ClockView.tsx';
import { InstrumentTray } from './instruments/InstrumentTray.tsx';
import { OutsideView } from './outside/OutsideView.tsx';
import { PlacesView } from './places/PlacesView.tsx';
import { useJob } from '../../open-job/use-job.ts';
import { useAir } from '../../open-job/use-air.ts';

const VIEWS = {
  places: 'Rooms',
  outside: 'Outside',
  clock: 'Drying times',
  instruments: 'Readings',
} as const;

/** The air in which everything dries: of rooms, of the open, before each outside face, and what clocks and instruments say. */
export default function ConditionsStage() {
  const air = useAir();
  const { id: jobId } = useJob();
  const view = useView(VIEWS, 'places');
  return (
    <Box>
      <StageViews
        stage="conditions"
        views={VIEWS}
        view={view}
        aside={<PractiseLink exercise="touch" jobId={jobId} />}
      />
      {view === 'places' && <PlacesView air={air} />}
      {view === 'outside' && <OutsideView air={air} />}
      {view === 'clock' && <ClockView air={air} />}
      {view === 'instruments' && <InstrumentTray air={air} />}
    </Box>
  );
}
