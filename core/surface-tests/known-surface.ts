import { kept } from '../units/kept.ts';
import type { FindingStamp, Patch } from '../job/document/finding-schema.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { FOUND_IDS, type FoundId, type ResultOf } from '../pieces/found.ts';
import { judgedCoat, type Condition, type KnownCoat, type Substrate } from '../pieces/substrate.ts';
import { askedOf, SURFACE_TESTS, testsFor, type Asked } from './surface-tests.ts';

/** A surface as it is judged: what was found, or what is supposed until somebody has looked. */
export interface SurfaceFacts {
  substrate: Substrate;
  oldCoat: KnownCoat;
  soundness: ResultOf<'soundness'>;
  contamination: ResultOf<'contamination'>;
  moisture: ResultOf<'moisture'>;
  stains: ResultOf<'stains'>;
  mould: ResultOf<'mould'>;
  lead: ResultOf<'lead'>;
  edges: ResultOf<'edges'>;
  oldColour: string | null;
}

/** What is known of a surface, and what is not. */
export interface KnownSurface {
  facts: SurfaceFacts;
  /** Questions that matter here and that nobody has answered. */
  unknown: readonly FoundId[];
  /** The last test patch that was read. */
  patch: { first: string; key: Patch['key']; held: boolean } | null;
}

/** Whether metal lies bare under a coat that lets go: it rusts there, and is primed as metal. */
export const laysMetalBare = ({ substrate, soundness, oldCoat }: SurfaceFacts): boolean =>
  substrate === 'metal' && oldCoat !== 'bare' && soundness === 'lets-go';

/** Where a question does not matter, this is how the surface is judged. */
const PLAIN: Omit<SurfaceFacts, 'substrate' | 'oldCoat'> = {
  soundness: 'holds',
  contamination: 'clean',
  moisture: 'dry',
  stains: 'none',
  mould: 'none',
  lead: 'none',
  edges: 'coated',
  oldColour: null,
};

/** What the walk itself saw needs no test to be believed. */
const SEEN: Readonly<Record<Condition, Partial<SurfaceFacts>>> = {
  sound: {},
  worn: { soundness: 'chalks' },
  flaking: { soundness: 'lets-go' },
  greasy: { contamination: 'grease' },
  mouldy: { mould: 'mould' },
  rusty: { soundness: 'lets-go' },
};

/** The last finding to each question; of two at the same time the one that was stamped last. */
export function lastFindings(findings: readonly FindingStamp[]): Map<FoundId, FindingStamp> {
  const last = new Map<FoundId, FindingStamp>();
  for (const finding of findings) {
    const known = last.get(finding.found);
    if (known === undefined || known.at <= finding.at) last.set(finding.found, finding);
  }
  return last;
}

/**
 * What is known of a surface from the walk and from findings: every question that matters and has no answer is among
 * `unknown`, and is judged as its test says.
 */
export function prove(
  asked: Asked,
  surface: Piece['surface'],
  findings: ReadonlyMap<FoundId, FindingStamp>,
): Omit<KnownSurface, 'patch'> {
  const seen = SEEN[surface.condition];
  const testedCoat = findings.get('old-coat')?.result as SurfaceFacts['oldCoat'] | undefined;
  const oldCoat = testedCoat ?? judgedCoat(surface.substrate, surface.existing);
  const facts: Record<string, string | null> = { ...PLAIN, ...seen };
  const unknown: FoundId[] = [];
  // What matters follows from the coat that is really there.
  for (const { found, judgedAs } of testsFor({ ...asked, oldCoat: testedCoat ?? asked.oldCoat })) {
    const finding = findings.get(found);
    if (finding === undefined && !(found in seen)) unknown.push(found);
    if (found === 'old-colour') facts.oldColour = finding?.hex ?? null;
    else if (found !== 'old-coat') facts[found] = finding?.result ?? seen[found] ?? judgedAs;
  }
  const isAnswered = testedCoat !== undefined;
  return {
    facts: { ...(facts as unknown as SurfaceFacts), substrate: surface.substrate, oldCoat },
    unknown: FOUND_IDS.filter((found) => unknown.includes(found) && !(found === 'old-coat' && isAnswered)),
  };
}

function lastPatch(patches: readonly Patch[], groupId: string): KnownSurface['patch'] {
  const read = patches.filter((patch) => patch.groupId === groupId && patch.read !== null);
  const last = read.sort((one, other) => ((one.read?.at ?? '') < (other.read?.at ?? '') ? -1 : 1)).at(-1);
  if (last?.read == null) return null;
  return { first: last.coats[0]?.product ?? '', key: last.key, held: last.read.held };
}

const byGroup = kept((findings: readonly FindingStamp[]): ReadonlyMap<string, Map<FoundId, FindingStamp>> => {
  const groupIds = [...new Set(findings.map(({ groupId }) => groupId))];
  return new Map(groupIds.map((id) => [id, lastFindings(findings.filter(({ groupId }) => groupId === id))]));
});

/** The last finding to each question about a group. */
export const findingsOn = ({ findings }: Pick<Job, 'findings'>, groupId: string): Map<FoundId, FindingStamp> =>
  byGroup(findings).get(groupId) ?? new Map<FoundId, FindingStamp>();

/** What is known of the surface of a piece. */
export function knownSurface(
  job: Pick<Job, 'site' | 'rooms' | 'findings' | 'patches'>,
  piece: Omit<Piece, 'mark'>,
): KnownSurface {
  return {
    ...prove(askedOf(job, piece), piece.surface, findingsOn(job, piece.groupId)),
    patch: lastPatch(job.patches, piece.groupId),
  };
}

/** Questions about a group that matter and that nobody has answered, by test or by eye on the walk. */
export function openQuestions(job: Job, groupId: string): Set<FoundId> {
  return new Set(job.pieces.flatMap((piece) => (piece.groupId === groupId ? knownSurface(job, piece).unknown : [])));
}

/** The tests that matter for any piece of a group, in order, given what has been found so far. */
export function testsOn(job: Job, groupId: string): (typeof SURFACE_TESTS)[FoundId][] {
  const proved = findingsOn(job, groupId).get('old-coat')?.result as KnownCoat | undefined;
  const wanted = new Set<FoundId>();
  for (const piece of job.pieces.filter((candidate) => candidate.groupId === groupId)) {
    const asked = askedOf(job, piece);
    for (const { found } of testsFor({ ...asked, oldCoat: proved ?? asked.oldCoat })) wanted.add(found);
    // The question itself stays, once it is answered.
    if (proved !== undefined) wanted.add('old-coat');
  }
  return Object.values(SURFACE_TESTS).filter(({ found }) => wanted.has(found));
}
