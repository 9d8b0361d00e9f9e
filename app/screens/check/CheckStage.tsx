import { useRoute } from '../../device/route.ts';
import { PractiseLink } from '../../parts/practice/PractiseLink.tsx';
import { StageViews } from '../../parts/ScreenViews.tsx';
import { WalkFirst } from '../../parts/WalkFirst.tsx';
import { useJob } from '../../open-job/use-job.ts';
import { DefectList } from './DefectList.tsx';
import { DefectView } from './DefectView.tsx';
import { FilmChecks } from './FilmChecks.tsx';
import { InspectPiece } from './InspectPiece.tsx';
import { Round } from './Round.tsx';

const VIEWS = { round: 'Inspect', defects: 'Defects', film: 'Film tests' } as const;
type View = keyof typeof VIEWS;

const isView = (view: string | null): view is View => view !== null && view in VIEWS;

/** The round in raking light: every face looked at, every defect with its cause and its remedy, rooms signed off. */
export default function CheckStage() {
  const job = useJob();
  const { view, pieceId, defectId } = useRoute();
  if (job.pieces.length === 0) {
    return <WalkFirst title="Nothing to inspect">Add pieces in Walk first.</WalkFirst>;
  }
  const piece = job.pieces.find(({ id }) => id === pieceId);
  const defect = job.defects.find(({ id }) => id === defectId);
  if (defect) return <DefectView key={defect.id} defect={defect} />;
  if (piece) return <InspectPiece key={piece.id} piece={piece} />;
  const shown = isView(view) ? view : 'round';
  return (
    <>
      <StageViews stage="check" views={VIEWS} view={shown} aside={<PractiseLink exercise="wrong" jobId={job.id} />} />
      {shown === 'round' && <Round />}
      {shown === 'defects' && <DefectList />}
      {shown === 'film' && <FilmChecks />}
    </>
  );
}
