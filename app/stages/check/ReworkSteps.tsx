import CheckIcon from '@mui/icons-material/Check';
import Box from '@mui/material/Box';
import type { Defect, Rework } from '../../../core/job/defect-schema.ts';
import { progressByTask } from '../../../core/job/progress.ts';
import { coatingOf } from '../../../core/job/queries.ts';
import { localTime } from '../../../core/job/site-time.ts';
import { reworkStepId } from '../../../core/planning/rework-steps.ts';
import { formatDuration } from '../../../core/units/quantity.ts';
import { useJob } from '../../ui/job-context.tsx';

const AFTER: Readonly<Record<string, string>> = {
  touch: 'touch dry',
  handle: 'fit to be handled',
  recoat: 'ready to be recoated',
  rehang: 'hard enough to be hung',
  close: 'hard enough to close',
  wash: 'washable',
  full: 'cured',
};

/** The steps that put a defect right: as its definition has them, or as they stand in the plan, with when. */
export function ReworkSteps({ defect, proposed }: { defect: Defect; proposed: Rework | null }) {
  const { job, say } = useJob();
  const rework = defect.rework ?? proposed;
  if (rework === null) return null;
  const planned = new Map(job.plan?.tasks.map((task) => [task.id, task]));
  const progress = progressByTask(job.log);
  const whenOf = (name: string): string | null => {
    const id = reworkStepId(defect, name);
    const done = progress.get(id)?.doneAt;
    if (done) return `done ${done.slice(8, 10)}/${done.slice(5, 7)} ${done.slice(11)}`;
    const task = defect.rework && planned.get(id);
    return task && job.plan
      ? `planned ${localTime(job.plan.t0, task.start, job.site.timeZone).toFormat('ccc d LLL, HH:mm')}`
      : null;
  };
  return (
    <Box component="ol" aria-label="Steps of the rework" sx={{ display: 'grid', gap: 0.75 }}>
      {rework.steps.map(({ name, words, minutes, waitFor, coat }, index) => {
        const when = whenOf(name);
        return (
          <Box
            component="li"
            key={name}
            sx={{ display: 'grid', gridTemplateColumns: '28px minmax(0, 1fr) auto', gap: 1, alignItems: 'baseline' }}
          >
            <strong>{index + 1}</strong>
            <span>
              {say(words)}
              <Box component="span" sx={{ display: 'block', fontSize: 14, color: 'var(--ink-soft)' }}>
                {[
                  coat ? say(coatingOf(job, coat.product)?.name.split(',')[0]?.toLowerCase() ?? coat.product) : null,
                  formatDuration(minutes),
                  waitFor ? `once ${AFTER[waitFor] ?? waitFor}` : null,
                ]
                  .filter(Boolean)
                  .join(' · ')}
              </Box>
            </span>
            {when && (
              <Box sx={{ fontWeight: 700, display: 'flex', alignItems: 'center', gap: 0.5 }}>
                {when.startsWith('done') && <CheckIcon sx={{ color: 'var(--ready)', fontSize: 18 }} />}
                {when}
              </Box>
            )}
          </Box>
        );
      })}
    </Box>
  );
}
