import type { Candidate } from '../../core/build-up/compose.ts';
import type { Rule } from '../../core/build-up/rule.ts';
import { ruleOf } from '../../core/build-up/rules/registry.ts';
import type { Offer, SchoolPrice } from '../../core/choosing/offer.ts';
import type { Weighed } from '../../core/choosing/weigh.ts';

/** Rules are functions and can't leave a worker: they go by their ids. */
interface PackedCandidate extends Omit<Candidate, 'verdict' | 'appliedRules'> {
  appliedRules: string[];
  verdict: { level: Candidate['verdict']['level']; findings: { id: string; faces: ('front' | 'back')[] }[] };
}

type PackedWeighed = Omit<Weighed, 'candidate'> & { candidate: PackedCandidate };

export interface PackedOffers {
  permitted: PackedWeighed[];
  excluded: PackedCandidate[];
  none: string[];
  schools: (Omit<SchoolPrice, 'best'> & { best: PackedWeighed | null })[];
}

/** What may be chosen, with what each school would give. */
export interface Offers extends Offer {
  schools: SchoolPrice[];
}

const packedCandidate = ({ verdict, appliedRules, ...rest }: Candidate): PackedCandidate => ({
  ...rest,
  appliedRules: appliedRules.map(({ id }) => id),
  verdict: { level: verdict.level, findings: verdict.findings.map(({ rule, faces }) => ({ id: rule.id, faces })) },
});
const packedWeighed = ({ candidate, ...rest }: Weighed): PackedWeighed => ({
  ...rest,
  candidate: packedCandidate(candidate),
});

/** An offer as it leaves the worker. */
export function packed({ permitted, excluded, none }: Offer, schools: readonly SchoolPrice[]): PackedOffers {
  return {
    permitted: permitted.map(packedWeighed),
    excluded: excluded.map(packedCandidate),
    none: none.map(({ id }) => id),
    schools: schools.map(({ best, ...school }) => ({ ...school, best: best && packedWeighed(best) })),
  };
}

function known(id: string): Rule {
  const rule = ruleOf(id);
  if (rule === undefined) throw new RangeError(`No rule has the id ${id}.`);
  return rule;
}

const unpackedCandidate = ({ verdict, appliedRules, ...rest }: PackedCandidate): Candidate => ({
  ...rest,
  appliedRules: appliedRules.map(known),
  verdict: { level: verdict.level, findings: verdict.findings.map(({ id, faces }) => ({ rule: known(id), faces })) },
});
const unpackedWeighed = ({ candidate, ...rest }: PackedWeighed): Weighed => ({
  ...rest,
  candidate: unpackedCandidate(candidate),
});

/** An offer as the screens use it. */
export function unpacked({ permitted, excluded, none, schools }: PackedOffers): Offers {
  return {
    permitted: permitted.map(unpackedWeighed),
    excluded: excluded.map(unpackedCandidate),
    none: none.map(known),
    schools: schools.map(({ best, ...school }) => ({ ...school, best: best && unpackedWeighed(best) })),
  };
}
