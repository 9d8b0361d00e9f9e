import { JobClocks } from '../../../core/clocks/job-clocks.ts';
import { sketchOf, usualPiece } from '../../../core/job/document/usual-piece.ts';
import type { FaceSchool } from '../../../core/pieces/stroke-schools.ts';
import { simulatePass, type PassResult } from '../../../core/sequence/simulated-pass.ts';
import { usualStrokes } from '../../../core/sequence/usual-options.ts';
import { DEFAULT_COATINGS } from '../../../core/shelf/default-coatings.ts';
import { GUIDE_DAY, plainJob } from './plain-job.ts';

/** Minutes after midnight at which the door is begun. */
const START = 10 * 60;

export const DOOR = sketchOf('panelled-door', usualPiece('panelled-door', ''), 'D-01');

/** One face of a panelled door painted in an order, by a hand, at a temperature in °C. */
export function paintedDoor(face: FaceSchool, skill: 'first-timer' | 'professional', temperature: number): PassResult {
  const coating = DEFAULT_COATINGS.find(({ id }) => id === 'enamel-acrylic');
  if (coating === undefined) throw new RangeError('The enamel is not on the shelf.');
  const clocks = new JobClocks(plainJob(temperature, 50), GUIDE_DAY, 2);
  return simulatePass(
    { piece: DOOR, faces: ['front'], coating, climateId: 'house', clocks, crew: [{ id: 'you', name: 'You', skill }] },
    { ...usualStrokes(DOOR, 'brush'), face, start: START, isDamped: false },
  );
}
