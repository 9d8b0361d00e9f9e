import type { PlanReading } from '../../../core/planning/reading/read-plan.ts';
import Box from '@mui/material/Box';
import { useJob } from '../../open-job/use-job.ts';
import { Section } from '../../parts/Section.tsx';
import { Board } from './board/Board.tsx';
import { JourneyPanel, RunPanel } from './RunPanel.tsx';
import type { PlanScreen } from './use-plan-screen.ts';

/** Board, with the piece that is followed and the run that is looked at. */
export function BoardSection({ screen, reading }: { screen: PlanScreen; reading: PlanReading }) {
  const job = useJob();
  const { problem, pins, chosen, moving, run, followed, setFollowed, chooseRun, pin, unpin, setAsked } = screen;
  return (
    <Section title="Board">
      <Board
        reading={reading}
        problem={problem}
        pins={pins}
        before={chosen && chosen.id !== 'accepted' && job.plan?.t0 === reading.t0 ? job.plan : null}
        moving={moving}
        chosen={run}
        followed={followed}
        onChoose={chooseRun}
        onFollow={setFollowed}
      />
      {followed !== null && <JourneyPanel pieceId={followed} reading={reading} onClose={() => setFollowed(null)} />}
      {run && (
        // It stays in sight beside a board that is taller than the screen.
        <Box
          sx={{
            position: 'sticky',
            bottom: { xs: 72, md: 12 },
            zIndex: 5,
            mt: 2,
            boxShadow: '0 -6px 24px rgb(0 0 0 / 18%)',
          }}
        >
          <RunPanel
            run={run}
            reading={reading}
            pins={pins}
            moving={moving}
            followed={followed}
            onFollow={setFollowed}
            onPin={pin}
            onUnpin={unpin}
            onClose={() => {
              moving.putBack();
              setAsked(null);
            }}
          />
        </Box>
      )}
    </Section>
  );
}
