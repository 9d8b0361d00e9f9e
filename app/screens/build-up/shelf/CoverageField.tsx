import type { Coating } from '../../../../core/shelf/coating.ts';
import { dryFilmAt, spreadRate } from '../../../../core/shelf/film.ts';
import { SPREAD_RATE } from '../../../../core/units/measures.ts';
import type { Outcome } from '../../../../core/units/outcome.ts';
import { MeasureField } from '../../../parts/fields/MeasureField.tsx';

interface CoverageFieldProps {
  coating: Coating;
  draft: string;
  /** Takes the film in µm that follows from what was typed. */
  take(dryFilm: number): Outcome<unknown>;
}

/** What a coat covers, as tins state it: the film follows from it and the solids, and it follows from them. */
export function CoverageField({ coating: { volumeSolids, dryFilm }, draft, take }: CoverageFieldProps) {
  return (
    <MeasureField
      label="Covers"
      measure={SPREAD_RATE}
      value={spreadRate(volumeSolids, dryFilm)}
      limits={[1, 40]}
      draft={draft}
      helper="Sets the dry film."
      sx={{ width: 200, mt: 1.5 }}
      take={(spread) => take(dryFilmAt(spread, volumeSolids))}
    />
  );
}
