import { shelfOf } from '../job/queries.ts';
import { DEFAULT_CLEANERS } from '../shelf/cleaner.ts';
import { judge } from './judge.ts';
const usualTool = (coating) => (coating.id === 'lacquer-2k-wb' ? 'spray' : 'roller');
/**
 * Composes build-ups for like pieces from the shelf: every primer (or none) under every topcoat, each with the
 * gentlest cleaning and keying that makes it permitted, or, where none does, with the reasons why not.
 * Permitted ones first, then by risk, coats and waiting.
 */
export function candidates(job, like) {
  const shelf = shelfOf(job);
  const outside = like.scope.faces.some((face) => like.exposure[face] === 'outside');
  const topcoats = shelf.filter(
    (coating) =>
      coating.role === 'topcoat' && (coating.exposure === 'both' || (coating.exposure === 'outside') === outside),
  );
  const primers = [null, ...shelf.filter((coating) => coating.role === 'primer')];
  const found = topcoats.flatMap((topcoat) =>
    primers.map((primer) => {
      const coats = [...(primer ? [primer] : []), topcoat, topcoat];
      return best(preparations(like).map((preparation) => candidate(job, like, coats, preparation)));
    }),
  );
  return found.sort(compareCandidates);
}
/** Ways to prepare, the least work first. */
function preparations(like) {
  const cleaners =
    like.surface.condition === 'greasy' ? ['alkaline-wash', 'solvent-wipe'] : ['no-rinse-wash', 'alkaline-wash'];
  const rinsed = (id) => DEFAULT_CLEANERS.find((cleaner) => cleaner.id === id)?.rinse ?? false;
  const keys = like.surface.existing === 'bare' ? ['abrade'] : ['abrade', 'degloss'];
  return keys.flatMap((key) => cleaners.map((cleaner) => ({ cleaner, rinsed: rinsed(cleaner), key })));
}
function candidate(job, like, coatings, preparation) {
  const coats = coatings.map((coating) => ({ product: coating.id, tool: usualTool(coating), thinning: 0 }));
  const buildUp = { ...preparation, coats, faceCoats: {} };
  const last = coatings.at(-1);
  const waitingHours =
    coatings.slice(0, -1).reduce((sum, coating) => sum + coating.hours.recoat, 0) + (last?.hours.rehang ?? 0);
  return {
    id: [preparation.cleaner, preparation.key, ...coats.map((coat) => coat.product)].join('+'),
    name: nameOf(coatings),
    buildUp,
    verdict: judge(job, like, buildUp),
    coats: coats.length,
    waitingHours,
  };
}
function nameOf(coatings) {
  const primer = coatings.find((coating) => coating.role === 'primer');
  const topcoats = coatings.filter((coating) => coating.role === 'topcoat');
  const top = `${topcoats.length} × ${lowered(topcoats[0]?.name ?? '')}`;
  return primer ? `${primer.name}, then ${top}` : `${top}, no primer`;
}
const lowered = (name) => name.charAt(0).toLowerCase() + name.slice(1);
const LEVELS = ['permitted', 'risk', 'forbidden'];
const weigh = (found) => [
  LEVELS.indexOf(found.verdict.level),
  found.verdict.findings.filter(({ rule }) => rule.severity === 'risk' || rule.severity === 'forbidden').length,
  // A stain-blocker or two-part primer that nothing here asks for only adds smell and waiting.
  found.verdict.findings.filter(({ rule }) => rule.severity === 'caution').length,
  found.waitingHours,
];
function compareCandidates(one, other) {
  const left = weigh(one);
  const right = weigh(other);
  const differing = left.findIndex((weight, index) => weight !== right[index]);
  return differing < 0 ? 0 : (left[differing] ?? 0) - (right[differing] ?? 0);
}
function best(ways) {
  const [found] = [...ways].sort(compareCandidates);
  if (found === undefined) throw new RangeError('There is always at least one way to prepare a surface.');
  return found;
}
