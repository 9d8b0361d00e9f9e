/** Theoretical spread rate in m²/L of a coat with `volumeSolids` % and a dry film of `dryFilm` µm: 10 · VS / DFT. */
export function spreadRate(volumeSolids, dryFilm) {
  return (10 * volumeSolids) / dryFilm;
}
/** Wet film in µm that leaves `dryFilm` µm, after thinning by `thinning` % of the paint's volume: DFT / (VS/100) · (1 + p/100). */
export function wetFilm(volumeSolids, dryFilm, thinning = 0) {
  return (dryFilm / (volumeSolids / 100)) * (1 + thinning / 100);
}
