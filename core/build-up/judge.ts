import type { BuildUp, FinishGroup } from '../job/document/group-schema.ts';
import type { Job } from '../job/document/schema.ts';
import type { FaceId } from '../pieces/elevation.ts';
import { SEVERITIES, type Rule, type Severity } from './rule.ts';
import { RULES } from './rules/registry.ts';
import { groundsOf, situations, type Ground, type Situation } from './situation.ts';
import { recipeOf, type Recipe } from './system-coat.ts';

/** A rule that fired, on which faces. */
export interface Breach {
  rule: Rule;
  faces: FaceId[];
}

export interface Verdict {
  level: 'permitted' | 'risk' | 'forbidden';
  /** Most serious first. */
  findings: Breach[];
}

const rank = (severity: Severity): number => SEVERITIES.indexOf(severity);

/** What every rule says of situations. */
export function judgeSituations(found: readonly Situation[]): Verdict {
  const fired = new Map<Rule, Set<FaceId>>();
  for (const rule of RULES) {
    for (const situation of found) {
      if (!rule.fires(situation)) continue;
      const faces = fired.get(rule) ?? new Set();
      for (const face of situation.faces) faces.add(face);
      fired.set(rule, faces);
    }
  }
  const findings = [...fired]
    .map(([rule, faces]) => ({ rule, faces: [...faces] }))
    .sort((one, other) => rank(one.rule.severity) - rank(other.rule.severity));
  const gravest = findings[0]?.rule.severity;
  return { level: gravest === 'forbidden' || gravest === 'risk' ? gravest : 'permitted', findings };
}

/** Judges a recipe by every rule, on every face of every ground. */
export function judgeRecipe(job: Pick<Job, 'shelf'>, grounds: readonly Ground[], recipe: Recipe): Verdict {
  return judgeSituations(grounds.flatMap((ground) => situations(job, ground, recipe)));
}

/** Judges a build-up by every rule, on every face of all pieces of a group. */
export function judge(job: Job, group: FinishGroup, buildUp: BuildUp): Verdict {
  return judgeRecipe(job, groundsOf(job, group), recipeOf(buildUp));
}

/** The verdict on every build-up that is chosen, by the group's id. */
export function verdictsOf(job: Job): Map<string, Verdict> {
  return new Map(
    job.groups.flatMap((group) => (group.buildUp ? [[group.id, judge(job, group, group.buildUp)] as const] : [])),
  );
}
