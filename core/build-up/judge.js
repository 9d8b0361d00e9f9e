import { coatingOf, coatsOn } from '../job/queries.ts';
import { FACE_IDS } from '../pieces/elevation.ts';
import { DEFAULT_CLEANERS } from '../shelf/cleaner.ts';
import { SEVERITIES } from './rule.ts';
import { RULES } from './rules.ts';
/** One situation per face in scope; edges go with the front. Unknown products are left out. */
export function situations(job, like, buildUp) {
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
export function judge(job, like, buildUp) {
  const fired = new Map();
  for (const situation of situations(job, like, buildUp)) {
    for (const rule of RULES) {
      if (rule.fires(situation)) fired.set(rule, [...(fired.get(rule) ?? []), situation.face]);
    }
  }
  const rank = (severity) => SEVERITIES.indexOf(severity);
  const findings = [...fired]
    .map(([rule, faces]) => ({ rule, faces }))
    .sort((one, other) => rank(one.rule.severity) - rank(other.rule.severity));
  const has = (severity) => findings.some((finding) => finding.rule.severity === severity);
  return { level: has('forbidden') ? 'forbidden' : has('risk') ? 'risk' : 'permitted', findings };
}
