import { counted } from '../units/sentence.ts';
import { tintWords } from '../colour/primer-tints.ts';
import { FILM } from '../units/measures.ts';
import { coatingOf } from '../job/queries/shelf.ts';
import { coatsOn, grainFilledFaces } from '../job/queries/faces.ts';
import type { Extent } from '../job/document/coat-schema.ts';
import type { BuildUp, FinishGroup, Key } from '../job/document/group-schema.ts';
import type { Job } from '../job/document/schema.ts';
import type { FaceId } from '../pieces/elevation.ts';
import { EXISTING_COATS, SUBSTRATES } from '../pieces/substrate.ts';
import type { SurfaceFacts } from '../surface-tests/known-surface.ts';
import { wetFilm } from '../shelf/film.ts';

/** A layer of the cross-section through a finished face, from the top down. */
export interface Layer {
  kind: 'coat' | 'fill' | 'key' | 'existing' | 'substrate';
  name: string;
  detail: string;
  role: 'primer' | 'topcoat' | 'sealer' | null;
  extent: Extent;
  /** What a primer is tinted to; null for its own white, and for all else. */
  tint: string | null;
  /** How what is there is keyed; null for what is put on. */
  key: Key | null;
  /** Dry film in µm; null for what is not a film of ours. */
  dryFilm: number | null;
}

const KEYED: Readonly<Record<Key, string>> = {
  abrade: 'keyed with 180–240',
  'wet-abrade': 'wet-sanded with 180',
  degloss: 'deglossed',
  none: 'not keyed',
};

const EXTENTS: Readonly<Record<Extent, string>> = { all: '', spots: ', on spots', edges: ', on edges' };

/** The cross-section through a face: what is put on, over what is there. */
export function coatStack(
  job: Job,
  facts: Pick<SurfaceFacts, 'substrate' | 'oldCoat'>,
  buildUp: BuildUp,
  face: FaceId,
): Layer[] {
  const plain = { role: null, extent: 'all', tint: null, key: null, dryFilm: null } as const;
  const coats = coatsOn(buildUp, face).map((coat, index, all): Layer => {
    const coating = coatingOf(job, coat.product);
    if (coating === undefined) {
      return { ...plain, kind: 'coat', name: coat.product, detail: 'not on this shelf' };
    }
    const isSame = (other: typeof coat): boolean => other.product === coat.product && other.extent === coat.extent;
    const same = all.filter(isSame);
    const number = all.slice(0, index + 1).filter(isSame).length;
    const { units } = job.settings;
    const wet = wetFilm(coating.volumeSolids, coating.dryFilm, coat.thinning);
    const name = `${coating.name}${tintWords(coat.tint)}${EXTENTS[coat.extent]}`;
    return {
      kind: 'coat',
      name: same.length > 1 ? `${name}, coat ${number}` : name,
      detail: `${FILM.brief(coating.dryFilm, units)} dry, ${FILM.format(wet, units)} wet`,
      role: coating.role,
      extent: coat.extent,
      tint: coat.tint ?? null,
      key: null,
      dryFilm: coating.dryFilm,
    };
  });
  const key = KEYED[buildUp.key];
  const isBare = facts.oldCoat === 'bare';
  const { grainFill, preservative } = buildUp;
  const isFilled = grainFilledFaces(buildUp).includes(face);
  const passes = grainFill && isFilled && counted(grainFill.passes, 'pass', 'passes');
  return [
    ...coats.reverse(),
    ...(passes ? [{ ...plain, kind: 'fill', name: 'Grain filler', detail: passes } as const] : []),
    ...(isBare
      ? []
      : [{ ...plain, kind: 'existing', name: EXISTING_COATS[facts.oldCoat], detail: key, key: buildUp.key } as const]),
    {
      ...plain,
      key: isBare ? buildUp.key : null,
      kind: 'substrate',
      name: SUBSTRATES[facts.substrate].name,
      detail: [isBare ? key : '', preservative === null ? '' : 'preserved'].filter(Boolean).join(', '),
    },
  ];
}

/** Dry film in µm of all coats over the whole face together. */
export function totalFilm(layers: readonly Layer[]): number {
  return layers.reduce((sum, { extent, dryFilm }) => sum + (extent === 'all' ? (dryFilm ?? 0) : 0), 0);
}

/** A group whose pieces can be planned: its build-up is chosen. */
export function isChosen(group: FinishGroup | undefined): group is FinishGroup & { buildUp: BuildUp } {
  return group !== undefined && group.buildUp !== null && group.buildUp.coats.length > 0;
}
