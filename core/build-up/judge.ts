import { coatingOf, coatsOn } from '../job/queries.ts';
import type { Piece } from '../job/piece-schema.ts';
import type { BuildUp, Job } from '../job/schema.ts';
import { FACE_IDS, type FaceId } from '../pieces/elevation.ts';
import { DEFAULT_CLEANERS } from '../shelf/cleaner.ts';
import { SEVERITIES, type Rule, type Severity, type Situation } from './rule.ts';
import { RULES } from './rules.ts';

/** A rule that fired, on which faces. */
export interface Finding {
  rule: Rule;
  faces: FaceId[];
}

export interface Verdict {
  level: 'permitted' | 'risk' | 'forbidden';
  /** Most serious first. */
  findings: Finding[];
}

/** What a build-up's judgement needs of the pieces that it is for: like pieces share all of it. */
export type Like = Pick<Piece, 'surface' | 'exposure' | 'scope'>;

/** One situation per face in scope; edges go with the front. Unknown products are left out. */
export function situations(job: Job, like: Like, buildUp: BuildUp): Situation[] {
  const faces = FACE_IDS.filter(
    (face) => like.scope.faces.includes(face) || (face === 'front' && like.scope.edges.length > 0),
  );
  return faces.map((face) => ({
    face,
    surface: like.surface,
    exposure: like.exposure[face],
    cleaner: DEFAULT_CLEANERS.find((cleaner) => cleaner.id === buildUp.cleaner) ?? null,
    rinsed: buildUp.rinsed,
    key: buildUp.key,
    coats: coatsOn(buildUp, face).flatMap((coat) => {
      const coating = coatingOf(job, coat.product);
      return coating ? [{ coating, tool: coat.tool }] : [];
    }),
  }));
}

/** Judges a build-up by every rule, on every face. */
export function judge(job: Job, like: Like, buildUp: BuildUp): Verdict {
  const fired = new Map<Rule, FaceId[]>();
  for (const situation of situations(job, like, buildUp)) {
    for (const rule of RULES) {
      if (rule.fires(situation)) fired.set(rule, [...(fired.get(rule) ?? []), situation.face]);
    }
  }
  const rank = (severity: Severity): number => SEVERITIES.indexOf(severity);
  const findings = [...fired]
    .map(([rule, faces]) => ({ rule, faces }))
    .sort((one, other) => rank(one.rule.severity) - rank(other.rule.severity));
  const has = (severity: Severity): boolean => findings.some((finding) => finding.rule.severity === severity);
  return { level: has('forbidden') ? 'forbidden' : has('risk') ? 'risk' : 'permitted', findings };
}
