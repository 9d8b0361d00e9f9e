import { makesMist } from '../shelf/tools.ts';
import { cleanerOf, coatingOf, fillerOf, preservativeOf } from '../job/queries/shelf.ts';
import type { BuildUp, FinishGroup } from '../job/document/group-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { HAZARDS, type Hazard, type HazardId } from '../shelf/hazards.ts';
import { isChosen } from './coat-stack.ts';
import { groundsOf } from './situation.ts';

/** A danger of a job's chosen build-ups: what protects, what brings it, and on which groups. */
export interface Danger {
  id: HazardId;
  hazard: Hazard;
  /** Products, or work such as dry sanding. */
  from: string[];
  groups: FinishGroup[];
}

interface Source {
  hazards: readonly HazardId[];
  name: string;
}

/** Everything in a build-up that can hurt somebody. */
function sourcesOf(job: Job, group: FinishGroup, buildUp: BuildUp): Source[] {
  const coats = [...buildUp.coats, ...(buildUp.faceCoats.front ?? []), ...(buildUp.faceCoats.back ?? [])];
  const products = [
    ...buildUp.cleaning.map(({ product }) => cleanerOf(job, product)),
    ...buildUp.fillers.map((id) => fillerOf(job, id)),
    fillerOf(job, buildUp.grainFill?.product ?? null),
    preservativeOf(job, buildUp.preservative),
    ...coats.map(({ product }) => coatingOf(job, product)),
  ].filter((product) => product !== undefined);
  const mayHoldLead = groundsOf(job, group).some(({ known }) => known.facts.lead === 'lead');
  return [
    ...products,
    ...(mayHoldLead ? [{ name: 'old paint that may contain lead', hazards: ['lead-dust'] as const }] : []),
    ...(buildUp.key === 'abrade' ? [{ name: 'dry sanding', hazards: ['dust'] as const }] : []),
    ...(coats.some(({ tool }) => makesMist(tool)) ? [{ name: 'spraying', hazards: ['spray-mist'] as const }] : []),
  ];
}

/** The dangers of all chosen build-ups, in the order of the list of hazards, each with where it comes from. */
export function dangersOf(job: Job): Danger[] {
  const dangers = new Map<HazardId, Danger>();
  for (const group of job.groups.filter(isChosen)) {
    for (const { hazards, name } of sourcesOf(job, group, group.buildUp)) {
      for (const id of hazards) {
        const danger: Danger = dangers.get(id) ?? { id, hazard: HAZARDS[id], from: [], groups: [] };
        if (!danger.from.includes(name)) danger.from.push(name);
        if (!danger.groups.includes(group)) danger.groups.push(group);
        dangers.set(id, danger);
      }
    }
  }
  return (Object.keys(HAZARDS) as HazardId[]).flatMap((id) => dangers.get(id) ?? []);
}
