import type { APIRoute } from 'astro';
import type { Candidate } from '../../../core/build-up/compose.ts';
import { groundsOf } from '../../../core/build-up/situation.ts';
import { reviewBuildUp } from '../../../core/build-up/build-up-review.ts';
import { offerFor } from '../../../core/choosing/offer.ts';
import { answerWithJob, json } from '../../serving/answer.ts';

export const prerender = false;

/** As many as anybody reads. */
const MAX_OFFERED = 10;

const findingsIn = ({ verdict }: Pick<Candidate, 'verdict'>) =>
  verdict.findings.map(({ rule: { id, severity, reason, fixText, source }, faces }) => ({
    rule: id,
    severity,
    reason,
    lift: fixText,
    source,
    faces,
  }));

/**
 * `POST /api/build-up`: a job in; for each group what is known of its surfaces, the verdict on what is chosen, the best
 * permitted build-ups with what they cost, and the rules that exclude the rest.
 */
export const POST: APIRoute = ({ request }) =>
  answerWithJob(request, (job) =>
    json({
      groups: job.groups.map((group) => {
        const standing = reviewBuildUp(job, group);
        const { permitted, excluded, none } = offerFor(job, group);
        return {
          id: group.id,
          name: group.name,
          pieces: job.pieces.filter((piece) => piece.groupId === group.id).map(({ mark }) => mark),
          surfaces: groundsOf(job, group).map(({ known, exposure }) => ({
            ...known.facts,
            exposure,
            unknown: known.unknown,
          })),
          chosen: standing && {
            buildUp: group.buildUp,
            level: standing.verdict.level,
            changedSince: standing.changes,
            findings: findingsIn(standing),
          },
          offered: permitted.slice(0, MAX_OFFERED).map(({ candidate, cost, score }) => ({
            name: candidate.name,
            buildUp: candidate.buildUp,
            cost,
            score,
            level: candidate.verdict.level,
            because: candidate.appliedRules.map(({ id }) => id),
            findings: findingsIn(candidate),
          })),
          permitted: permitted.length,
          excluded: excluded.length,
          excludedBy: [
            ...new Set(
              excluded.flatMap(({ verdict }) =>
                verdict.findings.flatMap(({ rule }) => (rule.severity === 'forbidden' ? [rule.id] : [])),
              ),
            ),
          ],
          whyNone: none.map(({ id, reason, fixText }) => ({ rule: id, reason, lift: fixText })),
        };
      }),
    }),
  );
