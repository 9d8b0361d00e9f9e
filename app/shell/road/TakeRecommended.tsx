import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import { recommendedQuestion } from '../../../core/choosing/recommended.ts';
import { startRecommended } from '../../asking/recommended.ts';
import { useAnswerTo } from '../../asking/use-answer-to.ts';
import { useCommands, useJob, useLocalise } from '../../open-job/use-job.ts';

/** The recommended coats of every group without any, their assumptions, and one button for all. */
export function TakeRecommended() {
  const job = useJob();
  const localise = useLocalise();
  const { apply } = useCommands();
  const question = recommendedQuestion(job);
  const { answered, failure } = useAnswerTo(question, () => startRecommended(job));
  if (failure !== null) return <Box sx={{ color: 'var(--late)' }}>Can’t work out what to recommend: {failure}</Box>;
  if (answered?.to !== question)
    return <LinearProgress aria-label="Working out what to recommend" sx={{ width: 160 }} />;
  const found = answered.answer;
  const choices = found.flatMap(({ groupId, choice }) =>
    choice ? [{ groupId, buildUp: choice.buildUp, chosenFor: choice.chosenFor }] : [],
  );
  return (
    <>
      <Box
        component="ul"
        aria-label="Recommended coats"
        sx={{ flex: '1 1 100%', display: 'grid', gap: 0.75, maxHeight: '34vh', overflowY: 'auto' }}
      >
        {found.map(({ groupId, groupName, choice, told }) => (
          <li key={groupId}>
            <strong>{localise(groupName)}:</strong> {choice ? localise(choice.name) : 'nothing on the shelf suits it.'}
            {told.length > 0 && (
              <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
                {choice && 'Not tested, so assumed: '}
                {localise(told.join(' · '))}
              </Box>
            )}
          </li>
        ))}
      </Box>
      <Button
        variant="contained"
        disabled={choices.length === 0}
        onClick={() => apply('choose-build-ups', { choices })}
        sx={{ minHeight: 44 }}
      >
        Take the recommended
      </Button>
    </>
  );
}
