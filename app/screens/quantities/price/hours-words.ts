/** Hours of work, not of the clock, in words: days would be misread. `7 h 05`. */
export function hoursOfWork(hours: number): string {
  const minutes = Math.round(hours * 60);
  return `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, '0')}`;
}
