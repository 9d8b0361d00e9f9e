import { minutesSince } from '../../../core/job/site-time.ts';
import { readinessOf } from '../../../core/hanging/readiness.ts';
import { useMemo } from 'react';
import { useJob, useNow } from '../../open-job/use-job.ts';
import { useRoute } from '../../device/route.ts';
import { StageViews, useView } from '../../parts/ScreenViews.tsx';
import { useJobSteps, usePlanReading } from '../../open-job/use-reading.ts';
import { WalkFirst } from '../../parts/WalkFirst.tsx';
import { HangList } from './HangList.tsx';
import { LabelPrinter } from './LabelPrinter.tsx';
import { PieceToHang } from './PieceToHang.tsx';

const VIEWS = { pieces: 'Pieces', labels: 'Labels' } as const;

/** Every piece on its way back: its bag, its holes, who lifts it, and from when it may be handled, hung, closed and washed. */
export default function Hang() {
  const job = useJob();
  const now = useNow();
  const { pieceId } = useRoute();
  const view = useView(VIEWS, 'pieces');
  const problem = useJobSteps();
  const reading = usePlanReading(problem, job.plan);
  const rows = useMemo(() => readinessOf(job, problem, reading?.ends ?? new Map()), [job, problem, reading]);
  if (job.pieces.length === 0) {
    return <WalkFirst title="Nothing to hang">Pieces and their hardware bags come from Walk.</WalkFirst>;
  }
  const at = minutesSince(problem.clocks.t0, now, job.site.timeZone);
  const row = rows.find(({ piece }) => piece.id === pieceId);
  if (row) return <PieceToHang key={row.piece.id} row={row} at={at} problem={problem} reading={reading} />;
  return (
    <>
      <StageViews stage="hang" views={VIEWS} view={view} />
      {view === 'pieces' && <HangList rows={rows} at={at} problem={problem} reading={reading} />}
      {view === 'labels' && <LabelPrinter />}
    </>
  );
}
