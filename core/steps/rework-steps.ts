import { kept } from '../units/kept.ts';
import type { Defect } from '../job/document/defect-schema.ts';
import { coatingOf } from '../job/queries/shelf.ts';
import { hangsByNight } from '../job/queries/pieces.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { isRehangStep, hangsAgain, isHungAfter } from './rehanging.ts';
import { hingeMinutes } from './night-hanging.ts';
import type { PieceStep } from './step.ts';
import { plainStep } from './plain-step.ts';

/** What of a job changes the steps that the build-ups give its pieces. */
type Changed = Pick<Job, 'leftOut' | 'defects' | 'shelf'>;

/** The id under which a step of a defect's rework stands in plan and log. */
export const reworkStepId = ({ id, pieceId }: Pick<Defect, 'id' | 'pieceId'>, name: string): string =>
  `${pieceId}/rework-${id}/${name}`;

/** The steps of a piece as they are to be done: without those that are left out, with what puts its defects right. */
export function withRework(job: Changed, piece: Piece, steps: readonly PieceStep[]): readonly PieceStep[] {
  const reworked = job.defects.filter(({ pieceId, rework }) => pieceId === piece.id && rework !== null);
  const leftOut = leftOutIds(job.leftOut);
  const isIn = ({ id }: PieceStep): boolean => !leftOut.has(id);
  if (reworked.length === 0) return leftOut.size === 0 || steps.every(isIn) ? steps : steps.filter(isIn);
  const whole = [...steps];
  for (const defect of reworked) {
    const place = placeOf(piece, whole, defect);
    whole.splice(place, 0, ...stepsOf(job, piece, whole.slice(0, place), defect));
  }
  return whole.filter(isIn);
}

const leftOutIds = kept((leftOut: Job['leftOut']): ReadonlySet<string> => new Set(leftOut.map(({ taskId }) => taskId)));

/**
 * Where rework goes among the steps: right behind the one that was done last, and behind earlier rework there, but before
 * the piece that was taken down for that is hung again; at a door that is back every night, behind its next hanging, so
 * that it is done where it hangs. At the end where that step is gone.
 */
function placeOf(piece: Piece, steps: readonly PieceStep[], { rework }: Defect): number {
  let index = steps.findIndex(({ id }) => id === rework?.after);
  if (index < 0) return steps.length;
  if (hangsByNight(piece)) {
    const hung = steps.findIndex((step, at) => at >= index && hangsAgain(step));
    if (hung >= 0) index = hung;
  }
  for (let next = steps[index + 1]; next?.rework && !isRehangStep(next); next = steps[index + 1]) index++;
  return index + 1;
}

/** Whether a piece can be taken down again for rework: it comes off, and need not be back every night. */
export const canBeTakenDown = (piece: Piece): boolean => piece.comesOff && !hangsByNight(piece);

function stepsOf(job: Changed, piece: Piece, before: readonly PieceStep[], defect: Defect): PieceStep[] {
  const { face, rework } = defect;
  const hangs = !piece.comesOff || isHungAfter(before);
  const isInPlace = hangs && (rework?.isInPlace === true || !canBeTakenDown(piece));
  const steps = (rework?.steps ?? []).flatMap(({ name, words, minutes, waitFor, coat }): PieceStep[] => {
    const coating = coat && coatingOf(job, coat.product);
    // A product that is no longer on the shelf can't be planned; the dry work still can.
    if (coat && !coating) return [];
    const numbers = before.flatMap((step) => (step.coat?.faces.includes(face) ? step.coat.number : []));
    const id = reworkStepId(defect, name);
    const laid = coat &&
      coating && {
        number: Math.max(1, ...numbers),
        coat,
        coating,
        faces: [face],
        reAbrade: minutes,
        section: null,
        restHours: 0,
      };
    return [
      plainStep(
        piece,
        { id, operation: laid ? 'coat' : 'put-right', minutes },
        { coat: laid ?? null, rework: { defectId: defect.id, face, words, waitFor, isInPlace } },
      ),
    ];
  });
  return hangs && !isInPlace && steps.length > 0 ? takenDown(piece, defect, steps) : steps;
}

/** Rework for which a piece that hangs is taken down again, and hung when its new coats are fit for that. */
function takenDown(piece: Piece, defect: Defect, steps: readonly PieceStep[]): PieceStep[] {
  const onHinges = (
    operation: 'take-down' | 'rehang',
    { words, waitFor }: Pick<NonNullable<PieceStep['rework']>, 'words' | 'waitFor'>,
  ): PieceStep =>
    plainStep(
      piece,
      { id: reworkStepId(defect, operation), operation, minutes: hingeMinutes(piece) },
      { rework: { defectId: defect.id, face: defect.face, words, waitFor, isInPlace: false } },
    );
  return [
    onHinges('take-down', { words: 'Take it down', waitFor: null }),
    ...steps,
    onHinges('rehang', { words: 'Rehang', waitFor: 'rehang' }),
  ];
}
