import { StageViews, useView } from '../../parts/ScreenViews.tsx';
import { WalkFirst } from '../../parts/WalkFirst.tsx';
import { useJob } from '../../open-job/use-job.ts';
import { LeftoversView } from './LeftoversView.tsx';
import { ActualsView } from './ActualsView.tsx';
import { RecordView } from './RecordView.tsx';

const VIEWS = { record: 'Record', left: 'Leftover paint', real: 'Planned v actual' } as const;

/** What is left when the job is over: the record and the care sheet, the paint, and what the next job learns. */
export default function HandoverStage() {
  const job = useJob();
  const view = useView(VIEWS, 'record');
  if (job.pieces.length === 0) {
    return <WalkFirst title="Nothing to hand over yet">Log work on Today and the record builds here.</WalkFirst>;
  }
  return (
    <>
      <StageViews stage="handover" views={VIEWS} view={view} />
      {view === 'record' && <RecordView />}
      {view === 'left' && <LeftoversView />}
      {view === 'real' && <ActualsView />}
    </>
  );
}
