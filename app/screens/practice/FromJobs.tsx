import Box from '@mui/material/Box';
import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { EXERCISE_IDS } from '../../../core/practising/exercise-ids.ts';
import { exerciseOf } from '../../../core/practising/registry.ts';
import { listJobs } from '../../keeping/jobs.ts';
import { lastJob } from '../../keeping/last-job.ts';
import { ChoiceField } from '../../parts/fields/ChoiceField.tsx';
import { PractiseLink } from '../../parts/practice/PractiseLink.tsx';
import { Section } from '../../parts/Section.tsx';

/** The same exercises on the pieces of a job of one’s own, the last one first. */
export function FromJobs() {
  const jobs = useLiveQuery(
    () =>
      listJobs().then(
        ({ kept }) => kept.map(({ id, job }) => ({ value: id, words: job.name })),
        () => [],
      ),
    [],
  );
  const [chosen, setChosen] = useState<string | null>(null);
  const [first] = jobs ?? [];
  if (jobs === undefined || !first) return null;
  const last = jobs.find(({ value }) => value === lastJob()) ?? first;
  const jobId = chosen ?? last.value;
  return (
    <Section title="From your job">
      <ChoiceField
        label="Job"
        value={jobId}
        choices={jobs}
        sx={{ width: 320, maxWidth: '100%', mb: 1 }}
        onChange={setChosen}
      />
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0, display: 'flex', columnGap: 3, flexWrap: 'wrap' }}>
        {EXERCISE_IDS.map((id) => (
          <li key={id}>
            <PractiseLink exercise={id} jobId={jobId} words={exerciseOf(id).name} />
          </li>
        ))}
      </Box>
    </Section>
  );
}
