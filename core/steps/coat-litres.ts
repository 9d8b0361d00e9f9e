import { litresOnto } from '../quantities/litres.ts';
import { coatedArea } from '../quantities/take-off.ts';
import type { Gun } from '../shelf/tools.ts';
import type { CoatStep } from './step.ts';

/** Litres that a coat takes out of the tin, without what stays in the tool. */
export function litresOfStep({ piece, coat: { coat, coating, faces } }: CoatStep, gun: Gun): number {
  return faces.reduce(
    (sum, face) => sum + litresOnto(coatedArea(piece, face, coat.extent), coat.tool, coating, gun),
    0,
  );
}
