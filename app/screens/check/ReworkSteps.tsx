import { shortName } from '../../../core/shelf/entry.ts';
import { formatMoment } from '../../../core/units/moments.ts';
import Box from '@mui/material/Box';
import { stepsOfRework } from '../../../core/checking/rework.ts';
import type { Defect } from '../../../core/job/document/defect-schema.ts';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import { progressByTask } from '../../../core/job/progress.ts';
import { localTime } from '../../../core/job/site-time.ts';
import { formatDuration } from '../../../core/units/measures.ts';
import { CheckIcon } from '../../drawing/icons.tsx';
import { REACHED_WORDS } from '../../parts/reached-words.ts';
import { useJob, useLocalise } from '../../open-job/use-job.ts';

/** The steps that put a defect right, as it says or would say, with when they are planned. */
export function ReworkSteps({ piece, defect }: { piece: Piece; defect: Defect }) {
  const job = useJob();
  const localise = useLocalise();
  const steps = stepsOfRework(job, piece, defect);
  const planned = new Map(job.plan?.tasks.map((task) => [task.id, task]));
  const progress = progressByTask(job.log);
  const whenOf = (id: string): string | null => {
    const done = progress.get(id)?.doneAt;
    if (done) return `done ${formatMoment(done, 'dateTime')}`;
    const task = planned.get(id);
    return task && job.plan
      ? `planned ${formatMoment(localTime(job.plan.t0, task.start, job.site.timeZone), 'dayTime')}`
      : null;
  };
  return (
    <Box component="ol" aria-label="Repair steps" sx={{ display: 'grid', gap: 0.75 }}>
      {steps.map(({ id, minutes, coat, rework }, index) => {
        const when = whenOf(id);
        const isDone = progress.get(id)?.doneAt != null;
        return (
          <Box
            component="li"
            key={id}
            sx={{
              display: 'grid',
              gridTemplateColumns: { xs: '28px minmax(0, 1fr)', sm: '28px minmax(0, 1fr) auto' },
              columnGap: 1,
              alignItems: 'baseline',
            }}
          >
            <strong>{index + 1}</strong>
            <span>
              {localise(rework?.words ?? '')}
              <Box component="span" sx={{ display: 'block', fontSize: 14, color: 'var(--ink-soft)' }}>
                {[
                  coat ? localise(shortName(coat.coating)) : null,
                  formatDuration(minutes),
                  rework?.waitFor ? `once ${REACHED_WORDS[rework.waitFor]}` : null,
                ]
                  .filter(Boolean)
                  .join(' · ')}
              </Box>
            </span>
            {when && (
              <Box
                sx={{
                  gridColumn: { xs: 2, sm: 'auto' },
                  fontWeight: 700,
                  display: 'flex',
                  alignItems: 'center',
                  gap: 0.5,
                }}
              >
                {isDone && <CheckIcon sx={{ color: 'var(--ready)', fontSize: 18 }} />}
                {when}
              </Box>
            )}
          </Box>
        );
      })}
    </Box>
  );
}
