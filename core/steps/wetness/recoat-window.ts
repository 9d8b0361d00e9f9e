import type { Coating } from '../../shelf/coating.ts';

/**
 * For how many minutes after a coat was put on the next one may go onto it without abrading; null where the tin states no
 * limit. The tin's limit is in hours of the clock on the wall, whatever the air.
 */
export const recoatableFor = ({ recoatMax }: Pick<Coating, 'recoatMax'>): number | null =>
  recoatMax === null ? null : Math.round(recoatMax * 60);

/** When the recoat window of a coat closes, in the minutes in which `since` says when it was put on; null without a limit. */
export function recoatCloses(coating: Pick<Coating, 'recoatMax'>, since: number): number | null {
  const minutes = recoatableFor(coating);
  return minutes === null ? null : since + minutes;
}
