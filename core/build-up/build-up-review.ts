import { inSentence } from '../units/sentence.ts';
import type { FinishGroup } from '../job/document/group-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { FOUND, resultInWords, type FoundId } from '../pieces/found.ts';
import { EXISTING_COATS, SUBSTRATES, type ExistingCoat } from '../pieces/substrate.ts';
import type { SurfaceFacts } from '../surface-tests/known-surface.ts';
import { isChosen } from './coat-stack.ts';
import { judge, type Verdict } from './judge.ts';
import { groundsOf } from './situation.ts';

/** What a choice rests on, in the order in which a mark writes it. */
const RESTS_ON = [
  'substrate',
  'old-coat',
  'soundness',
  'contamination',
  'moisture',
  'stains',
  'mould',
  'lead',
  'edges',
] as const;

function valueOf(facts: SurfaceFacts, key: (typeof RESTS_ON)[number]): string {
  return key === 'old-coat' ? facts.oldCoat : facts[key];
}

const inWords = (key: (typeof RESTS_ON)[number], value: string): string => {
  if (key === 'substrate') return inSentence(SUBSTRATES[value as keyof typeof SUBSTRATES].name);
  // A mark of an earlier Nivel may name a coat that is told more closely now.
  if (key === 'old-coat' && !(value in EXISTING_COATS)) return value.replaceAll('-', ' ');
  if (key === 'old-coat') return inSentence(EXISTING_COATS[value as ExistingCoat]);
  return inSentence(resultInWords(key, value));
};

/** What is judged of a group's surfaces now, as a mark that a choice keeps: another mark later means that it has changed. */
export function knownOf(job: Job, group: FinishGroup): string {
  const surfaces = groundsOf(job, group).map(({ known, exposure }) =>
    [exposure.front, exposure.back, ...RESTS_ON.map((key) => valueOf(known.facts, key))].join('/'),
  );
  return [...new Set(surfaces)].sort().join(';').slice(0, 4000);
}

/** How a chosen build-up stands against what is known by now. */
export interface BuildUpReview {
  group: FinishGroup;
  verdict: Verdict;
  /** What has changed since it was chosen, in words: “the old coat: oil gloss, now waterborne paint”. */
  changes: string[];
  /** Whether order and plan rest on something that needs another look: it changed, or the rules forbid it now. */
  isInDoubt: boolean;
}

/** What has changed between two marks, in words. */
function changesBetween(before: string, now: string): string[] {
  if (before === now) return [];
  const read = (mark: string): string[][] => mark.split(';').map((surface) => surface.split('/'));
  const [old, present] = [read(before), read(now)];
  const told = RESTS_ON.flatMap((key, index) => {
    const values = (surfaces: string[][]): string[] => [
      ...new Set(surfaces.map((surface) => surface[index + 2] ?? '')),
    ];
    const [was, is] = [values(old), values(present)];
    if (was.join() === is.join()) return [];
    const list = (all: string[]): string =>
      all
        .filter(Boolean)
        .map((value) => inWords(key, value))
        .join(' or ');
    const name = key === 'substrate' ? 'Material' : FOUND[key as FoundId].name;
    return [`${name}: ${list(was)}, now ${list(is)}`];
  });
  return told.length > 0 ? told : ['Inside or outside'];
}

/** How the choice of a group stands; null while there is none. */
export function reviewBuildUp(job: Job, group: FinishGroup): BuildUpReview | null {
  if (!isChosen(group)) return null;
  const verdict = judge(job, group, group.buildUp);
  const changes = group.chosenFor === null ? [] : changesBetween(group.chosenFor, knownOf(job, group));
  return { group, verdict, changes, isInDoubt: changes.length > 0 || verdict.level === 'forbidden' };
}

/** Chosen build-ups that need another look, since order and plan rest on them. */
export function outdatedBuildUps(job: Job): BuildUpReview[] {
  return job.groups.flatMap((group) => {
    const standing = reviewBuildUp(job, group);
    return standing?.isInDoubt ? [standing] : [];
  });
}
