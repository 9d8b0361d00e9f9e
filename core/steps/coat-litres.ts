import { litresOnto } from '../quantities/litres.ts';
import { coatedArea } from '../quantities/take-off.ts';
import type { Gun } from '../shelf/tools.ts';
import type { CoatStep } from './step.ts';

/** Litres that a coat takes out of the tin, without what stays in the tool. */
export function litresOfStep({ piece, coat: { coat, coating, faces, section } }: CoatStep, gun: Gun): number {
  const whole = faces.reduce(
    (sum, face) => sum + litresOnto(coatedArea(piece, face, coat.extent), coat.tool, coating, gun),
    0,
  );
  return whole * (section?.share ?? 1);
}
