import { coatingOf, coatsOn } from '../job/queries.ts';
import type { Surface } from '../job/piece-schema.ts';
import type { BuildUp, FinishGroup, Job } from '../job/schema.ts';
import type { FaceId } from '../pieces/elevation.ts';
import { EXISTING_COATS, SUBSTRATES } from '../pieces/substrate.ts';
import { wetFilm } from '../shelf/film.ts';

/** A layer of the cross-section through a finished face, from the top down. */
export interface Layer {
  kind: 'coat' | 'key' | 'existing' | 'substrate';
  name: string;
  detail: string;
  role: 'primer' | 'topcoat' | 'sealer' | null;
  /** Dry film in µm; null for what is not a film of ours. */
  dryFilm: number | null;
}

/** The cross-section through a face: what is put on, over what is there. */
export function coatStack(job: Job, surface: Surface, buildUp: BuildUp, face: FaceId): Layer[] {
  const coats = coatsOn(buildUp, face).map((coat, index, all): Layer => {
    const coating = coatingOf(job, coat.product);
    if (coating === undefined) {
      return { kind: 'coat', name: coat.product, detail: 'not on this job’s shelf', role: null, dryFilm: null };
    }
    const same = all.filter((other) => other.product === coat.product);
    const number = all.slice(0, index + 1).filter((other) => other.product === coat.product).length;
    const wet = Math.round(wetFilm(coating.volumeSolids, coating.dryFilm, coat.thinning));
    return {
      kind: 'coat',
      name: same.length > 1 ? `${coating.name}, coat ${number}` : coating.name,
      detail: `${coating.dryFilm} µm dry, ${wet} µm wet`,
      role: coating.role,
      dryFilm: coating.dryFilm,
    };
  });
  const key = { abrade: 'keyed with 180–240', degloss: 'deglossed', none: 'not keyed' }[buildUp.key];
  const old: Layer[] =
    surface.existing === 'bare'
      ? []
      : [{ kind: 'existing', name: EXISTING_COATS[surface.existing], detail: key, role: null, dryFilm: null }];
  return [
    ...coats.reverse(),
    ...old,
    {
      kind: 'substrate',
      name: SUBSTRATES[surface.substrate].name,
      detail: surface.existing === 'bare' ? key : '',
      role: null,
      dryFilm: null,
    },
  ];
}

/** Dry film in µm of all coats together. */
export function totalFilm(layers: readonly Layer[]): number {
  return layers.reduce((sum, layer) => sum + (layer.dryFilm ?? 0), 0);
}

/** A group whose pieces can be planned: its build-up is chosen. */
export function isChosen(group: FinishGroup | undefined): group is FinishGroup & { buildUp: BuildUp } {
  return group !== undefined && group.buildUp !== null && group.buildUp.coats.length > 0;
}
