/** What is estimated, by which one’s own bias is told. */
export const ESTIMATES = {
  primer: { name: 'Primer', in: 'litres' },
  topcoat: { name: 'Topcoat', in: 'litres' },
  hours: { name: 'Work', in: 'hours' },
} as const;
export type EstimateId = keyof typeof ESTIMATES;
export const ESTIMATE_IDS = Object.keys(ESTIMATES) as [EstimateId, ...EstimateId[]];

/** An estimate beside the figure that was right, in litres or hours. */
export interface Estimated {
  id: EstimateId;
  said: number;
  right: number;
}
