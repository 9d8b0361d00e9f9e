import { CAUTIONS, cautionsSaidBy, type CautionId } from '../pieces/cautions.ts';
import { definitionOf, hasTrait } from '../pieces/registry.ts';
import { mayHoldLead } from '../pieces/substrate.ts';
import type { Piece } from './document/piece-schema.ts';
import { closesByNight, TWO_PEOPLE_FROM, weightOf } from './queries/pieces.ts';
import type { Job } from './document/schema.ts';

/** Buildings from before this year are taken to have lead paint; bans came earlier or later from place to place. */
export const LEAD_BEFORE = 1992;

/** A door that hangs again on the evening of the day on which it was painted. */
export const NIGHT_HUNG =
  'Hung overnight with soft paint: keep it off its stop with a wedge, bumpers or release paper.';

/** A danger where it is met, in the painter's words. */
export interface CautionAt {
  id: CautionId | 'year-unknown' | 'night';
  words: string;
}

/** The dangers of one piece: those of its kind, its weight, its age, where it hangs and what it is said to be. The gravest first. */
export function cautionsAt(job: Pick<Job, 'site' | 'findings' | 'rooms'>, piece: Omit<Piece, 'mark'>): CautionAt[] {
  const { yearBuilt } = job.site;
  const tested = job.findings.findLast(({ groupId, found }) => groupId === piece.groupId && found === 'lead')?.result;
  const isOldPaint =
    mayHoldLead(piece.surface.substrate, piece.surface.existing) && !hasTrait(piece.kind, 'plate') && tested !== 'none';
  const isOfThatAge = yearBuilt !== null && yearBuilt < LEAD_BEFORE;
  const known: CautionId[] = [
    ...(tested === 'lead' || (isOldPaint && isOfThatAge) ? (['lead'] as const) : []),
    ...(piece.fireRated ? (['fire-door'] as const) : []),
    ...definitionOf(piece.kind).cautions.filter((id) => id !== 'ladder'),
    ...(piece.comesOff && weightOf(piece) > TWO_PEOPLE_FROM ? (['heavy'] as const) : []),
    ...(piece.upHigh ? (['ladder'] as const) : []),
    ...cautionsSaidBy(`${piece.note}\n${job.rooms.find(({ id }) => id === piece.roomId)?.name ?? ''}`),
  ];
  const told: CautionAt[] = known.map((id) => ({ id, words: CAUTIONS[id] }));
  if (isOldPaint && yearBuilt === null && tested === undefined) {
    told.push({
      id: 'year-unknown',
      words: `Add the year built under Rooms. Paint from before about ${LEAD_BEFORE} may contain lead.`,
    });
  }
  if ((piece.access.closesAtNight || closesByNight(piece)) && piece.comesOff && !piece.fireRated) {
    told.push({
      id: 'night',
      words: piece.access.standIn
        ? 'Must close at night: have the board or temporary door ready before it comes off.'
        : NIGHT_HUNG,
    });
  }
  return told;
}

/** The dangers of a group's pieces that the choice of its finish has to answer, each once. */
export function finishCautions(job: Pick<Job, 'site' | 'findings' | 'rooms' | 'pieces'>, groupId: string): CautionAt[] {
  const told = job.pieces.filter((piece) => piece.groupId === groupId).flatMap((piece) => cautionsAt(job, piece));
  return DECIDED_BY_FINISH.flatMap((id) => told.find((caution) => caution.id === id) ?? []);
}

const DECIDED_BY_FINISH: readonly CautionAt['id'][] = ['child', 'radiator', 'food', 'fire-door'];
