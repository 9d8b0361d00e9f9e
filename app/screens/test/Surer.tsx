import { GuideLink } from '../../parts/GuideLink.tsx';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import { recommendedQuestion } from '../../../core/choosing/recommended.ts';
import type { TestOutcome, WorthTesting } from '../../../core/choosing/surer.ts';
import { resultInWords } from '../../../core/pieces/found.ts';
import { SURFACE_TESTS } from '../../../core/surface-tests/surface-tests.ts';
import { startSurest } from '../../asking/recommended.ts';
import { useAnswerTo } from '../../asking/use-answer-to.ts';
import { goTo } from '../../device/route.ts';
import { useJob, useLocalise } from '../../open-job/use-job.ts';
import { Section, Sheet } from '../../parts/Section.tsx';
import { outcomeWords } from './outcome-words.ts';

/** The open tests that could change most, with what each result would change. */
export function Surer() {
  const job = useJob();
  const question = recommendedQuestion(job);
  const { answered, isAsking, failure } = useAnswerTo<typeof question, WorthTesting[]>(question, (_question, tell) =>
    startSurest(job, tell),
  );
  const found = answered?.to === question ? answered.answer : null;
  return (
    <Section title="Make it surer">
      <GuideLink page="start#make-it-surer" words="How these are chosen" />
      {failure !== null && <Box sx={{ color: 'var(--late)' }}>Can’t work out the tests: {failure}</Box>}
      {failure === null && (found === null || isAsking) && <LinearProgress aria-label="Working out the tests" />}
      {!isAsking && found?.length === 0 && <p>No open test would change anything.</p>}
      {found !== null && found.length > 0 && (
        <Box
          component="ol"
          sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { lg: 'repeat(3, minmax(0, 1fr))' } }}
        >
          {found.map((test) => (
            <li key={`${test.groupId}/${test.found}`}>
              <SurerTest test={test} />
            </li>
          ))}
        </Box>
      )}
    </Section>
  );
}

function SurerTest({ test: { groupId, found, outcomes } }: { test: WorthTesting }) {
  const job = useJob();
  const localise = useLocalise();
  const { name, minutes } = SURFACE_TESTS[found];
  const group = job.groups.find(({ id }) => id === groupId);
  return (
    <Sheet>
      <strong>{localise(name)}</strong>, {minutes} min
      {job.groups.length > 1 && (
        <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>{localise(group?.name ?? '')}</Box>
      )}
      <Box component="ul" sx={{ my: 1, display: 'grid', gap: 0.5 }}>
        {outcomes.map((outcome) => (
          <Outcome key={outcome.result} found={found} outcome={outcome} />
        ))}
      </Box>
      <Button variant="outlined" onClick={() => goTo({ stage: 'test', jobId: job.id, groupId })}>
        Do this test
      </Button>
    </Sheet>
  );
}

function Outcome({ found, outcome }: { found: WorthTesting['found']; outcome: TestOutcome }) {
  const { settings } = useJob();
  const localise = useLocalise();
  return (
    <li>
      {localise(resultInWords(found, outcome.result))}:{' '}
      <span style={{ color: outcome.fails ? 'var(--late)' : 'inherit' }}>
        {localise(outcomeWords(outcome, settings.currency))}
      </span>
    </li>
  );
}
