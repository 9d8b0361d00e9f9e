import { useMemo, useState } from 'react';
import { PAINTING_BLOCKERS } from '../../../core/air/painting-blockers.ts';
import { hindrancesIn } from '../../../core/forecasting/painting-hours.ts';
import { TOOL_OF } from '../../../core/job/document/stroke-schema.ts';
import { dryingClimateId } from '../../../core/job/queries/places.ts';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import {
  simulatePass,
  type PassResult,
  type PassInput,
  type StrokeSetting,
} from '../../../core/sequence/simulated-pass.ts';
import { chosenOptions, usualStrokes } from '../../../core/sequence/usual-options.ts';
import { useJob } from '../../open-job/use-job.ts';
import type { AskedPass } from '../../asking/sequence.ts';
import { useAir, type AirNow } from '../../open-job/use-air.ts';
import { startsAfter, usualStart } from './pass-start.ts';
import { passesOf, usualPass, type PassOfPiece } from '../../../core/steps/coat-passes.ts';

/** A pass that is looked at: where, when, how, and what comes of it. */
export interface StrokesView {
  air: AirNow;
  piece: Piece;
  passes: readonly PassOfPiece[];
  pass: PassOfPiece;
  choosePass(id: string): void;
  input: PassInput;
  /** What is tried; begins as it was chosen. */
  setting: StrokeSetting;
  change(change: Partial<StrokeSetting>): void;
  /** Back to what is chosen for the job. */
  reset(): void;
  choosePlace(climateId: string): void;
  result: PassResult;
  /** The same by the school's own order. */
  bySchool: PassResult;
  /** What is against painting in the hour in which it begins, in words. */
  against: readonly string[];
  /** Whether what is tried is what the job has chosen, or its usual way. */
  isChosen: boolean;
  asked: AskedPass;
}

/** What is looked at of a piece, and what is tried there. */
interface Tried {
  /** The piece. */
  key: string;
  passId: string | null;
  change: Partial<StrokeSetting>;
  place: string | null;
}

const untouchedOf = (key: string): Tried => ({ key, passId: null, change: {}, place: null });

/** What is tried on a piece; nothing where it was tried on another. */
const triedOn = (pieceId: string, tried: Tried): Tried => (tried.key === pieceId ? tried : untouchedOf(pieceId));

/** The setting of a piece that nothing is painted of. */
const NOTHING: StrokeSetting = { ...usualStrokes({ kind: 'free-panel' }, 'brush'), start: 0, isDamped: false };

/** A setting that stays the same object until something in it changes. */
function useUnchanged(setting: StrokeSetting): StrokeSetting {
  const text = JSON.stringify(setting);
  return useMemo(() => JSON.parse(text) as StrokeSetting, [text]);
}

/** Everything that the views of the strokes of a piece share. */
export function useStrokes(piece: Piece): StrokesView | null {
  const job = useJob();
  const air = useAir();
  const passes = useMemo(() => passesOf(job, piece), [job, piece]);
  const [tried, setTried] = useState<Tried>(untouchedOf(piece.id));
  // From what is there when it comes to it: a search ends long after it was asked for.
  const update = (next: (before: Tried) => Partial<Tried>): void =>
    setTried((before) => ({ ...triedOn(piece.id, before), ...next(triedOn(piece.id, before)) }));
  const own = tried.key === piece.id ? tried : { key: piece.id, passId: null, change: {}, place: null };
  const pass = passes.find(({ id }) => id === own.passId) ?? usualPass(passes);
  const climateId = own.place ?? dryingClimateId(job, piece, pass?.faces ?? []);
  const { clocks } = air;
  const input = useMemo<PassInput | null>(
    () => (pass ? { piece, faces: pass.faces, coating: pass.coating, climateId, clocks, crew: job.crew } : null),
    [piece, pass, climateId, clocks, job.crew],
  );
  const start = pass ? usualStart(job, pass.stepId, clocks, air.now) : 0;
  const chosen: StrokeSetting | null = pass
    ? { ...chosenOptions(job, piece, pass.coating.id, pass.tool), start, isDamped: false }
    : null;
  const setting = useUnchanged({ ...(chosen ?? NOTHING), ...own.change });
  const result = useMemo(() => input && simulatePass(input, setting), [input, setting]);
  const bySchool = useMemo(() => input && simulatePass(input, { ...setting, order: null }), [input, setting]);
  const tool = TOOL_OF[setting.application];
  const hindrances = useMemo(
    () => (pass ? hindrancesIn(clocks, climateId, pass.coating, tool) : []),
    [clocks, climateId, pass, tool],
  );
  if (!pass || !input || !result || !bySchool || !chosen) return null;
  return {
    air,
    piece,
    passes,
    pass,
    choosePass: (passId) => update(() => ({ passId, change: {} })),
    input,
    setting,
    change: (next) => update((before) => ({ change: { ...before.change, ...next } })),
    reset: () => update(() => ({ change: {} })),
    choosePlace: (place) => update(() => ({ place })),
    result,
    bySchool,
    against: (hindrances[Math.floor(setting.start / 60)] ?? []).map((id) => PAINTING_BLOCKERS[id].words),
    isChosen:
      JSON.stringify(setting) === JSON.stringify({ ...chosen, start: setting.start, isDamped: setting.isDamped }),
    asked: {
      pieceId: piece.id,
      faces: pass.faces,
      product: pass.coating.id,
      climateId,
      setting,
      clocks: { date: clocks.t0.slice(0, 10), days: clocks.days.length },
      starts: startsAfter(job, clocks, setting.start).filter((time) => hindrances[time / 60]?.length === 0),
    },
  };
}
