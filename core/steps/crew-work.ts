/** Minutes of work at the crew's pace, whole and at least one. */
export const workOf = (minutes: number, factor: number): number => Math.max(1, Math.ceil(minutes * factor - 1e-9));
