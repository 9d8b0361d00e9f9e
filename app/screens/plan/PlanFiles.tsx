import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { writePlanCsv } from '../../../core/exchange/plan-csv.ts';
import { writePlanIcs } from '../../../core/exchange/plan-ics.ts';
import { jobToProblem } from '../../../core/planning/drafting/job-to-problem.ts';
import { solutionFile } from '../../../core/scheduling/solution-file.ts';
import type { PlanReading } from '../../../core/planning/reading/read-plan.ts';
import { download } from '../../device/download.ts';
import { CalendarIcon, ListIcon, ProblemIcon, SolutionIcon } from '../../drawing/icons.tsx';
import { useJob, useNow } from '../../open-job/use-job.ts';

type ShownPlan = Parameters<typeof solutionFile>[1];

/** The plan as files: for a calendar, for a table, and as the plain problem that it answers. */
export function PlanFiles({ reading, plan }: { reading: PlanReading; plan: ShownPlan }) {
  const job = useJob();
  const now = useNow();
  return (
    <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
      <Button
        startIcon={<CalendarIcon />}
        onClick={() => download(`${job.name}.ics`, writePlanIcs(job, reading, now), 'text/calendar')}
      >
        Calendar (.ics)
      </Button>
      <Button
        startIcon={<ListIcon />}
        onClick={() => download(`${job.name} plan.csv`, writePlanCsv(job, reading), 'text/csv')}
      >
        Spreadsheet (.csv)
      </Button>
      <Button
        startIcon={<ProblemIcon />}
        onClick={() => download(`${job.name} problem.json`, JSON.stringify(jobToProblem(job, now).problem, null, 1))}
      >
        Planner input (.json)
      </Button>
      <Button
        startIcon={<SolutionIcon />}
        onClick={() => {
          const solution = solutionFile(jobToProblem(job, now).problem, plan);
          download(`${job.name} solution.json`, JSON.stringify(solution, null, 1));
        }}
      >
        Planner output (.json)
      </Button>
    </Box>
  );
}
