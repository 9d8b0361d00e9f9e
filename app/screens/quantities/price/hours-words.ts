/** Hours of work, not of the clock, in words: days would be misread. `7 h 5 min`, `43 min`. */
export function hoursOfWork(hours: number): string {
  const minutes = Math.round(hours * 60);
  const [whole, rest] = [Math.floor(minutes / 60), minutes % 60];
  return [...(whole > 0 ? [`${whole} h`] : []), ...(rest > 0 || whole === 0 ? [`${rest} min`] : [])].join(' ');
}
