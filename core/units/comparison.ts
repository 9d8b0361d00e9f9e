/** A factor on times, with its direction: 1.22 is “22% slower”, 0.8 is “20% faster”, 1 is “as fast”. */
export const slowerWords = (factor: number): string => compared(factor, 'slower', 'faster', 'as fast');

/** A factor on lengths of time, with its direction: 1.22 is “22% longer”, 0.8 is “20% less time”, 1 is “as long”. */
export const longerWords = (factor: number): string => compared(factor, 'longer', 'less time', 'as long');

function compared(factor: number, more: string, less: string, same: string): string {
  const share = Math.round(Math.abs(factor - 1) * 100);
  return share === 0 ? same : `${share}% ${factor > 1 ? more : less}`;
}
