/** Theoretical spread rate in m²/L of a coat with `volumeSolids` % and a dry film of `dryFilm` µm: 10 · VS / DFT. */
export function spreadRate(volumeSolids: number, dryFilm: number): number {
  return (10 * volumeSolids) / dryFilm;
}

/** The dry film in µm, to a tenth, that a tin's m²/L leaves of so many % of solids: 10 · VS / spread rate. */
export function dryFilmAt(spread: number, volumeSolids: number): number {
  return Math.round((100 * volumeSolids) / spread) / 10;
}

/** Wet film in µm that leaves `dryFilm` µm, after thinning by `thinning` % of the paint's volume: DFT / (VS/100) · (1 + p/100). */
export function wetFilm(volumeSolids: number, dryFilm: number, thinning = 0): number {
  return (dryFilm / (volumeSolids / 100)) * (1 + thinning / 100);
}
