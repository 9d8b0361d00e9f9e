import { inSentence } from '../../../core/units/sentence.ts';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { FinishGroup } from '../../../core/job/document/group-schema.ts';
import { FOUND, type FoundId } from '../../../core/pieces/found.ts';
import { EXISTING_COATS, SUBSTRATES } from '../../../core/pieces/substrate.ts';
import { findingsOn, openQuestions, testsOn } from '../../../core/surface-tests/known-surface.ts';
import { useJob, useLocalise } from '../../open-job/use-job.ts';
import { goTo } from '../../device/route.ts';
import { Section } from '../../parts/Section.tsx';
import { Tag } from '../../parts/Tag.tsx';
import { FindingHistory } from './FindingHistory.tsx';
import { PatchList } from './PatchList.tsx';
import { TestCard } from './TestCard.tsx';
import type { ShownTest } from './shown-test.ts';

const SHOWN_TAGS = 14;

/** Which case is assumed for each question without an answer. */
function assumed(tests: ReturnType<typeof testsOn>, open: ReadonlySet<FoundId>): string[] {
  const named = (taken: ShownTest['takenAs']): string =>
    tests
      .flatMap(({ found, takenAs }) => (takenAs === taken && open.has(found) ? [inSentence(FOUND[found].name)] : []))
      .join(', ');
  const [worst, best] = [named('worst'), named('best')];
  return [
    ...(worst === '' ? [] : [`Assumed worst case: ${worst}.`]),
    ...(best === '' ? [] : [`Assumed good (risk): ${best}.`]),
  ];
}

/** All that is to be found out about one group of like pieces. */
export function GroupTests({ group }: { group: FinishGroup }) {
  const job = useJob();
  const localise = useLocalise();
  const [where, setWhere] = useState('');
  const pieces = job.pieces.filter((piece) => piece.groupId === group.id);
  const tests = testsOn(job, group.id);
  const findings = findingsOn(job, group.id);
  const open = openQuestions(job, group.id);
  const [first] = pieces;
  const stated = [
    ...new Set(
      pieces.map(
        ({ surface }) =>
          `${SUBSTRATES[surface.substrate].name}, ${inSentence(EXISTING_COATS[surface.existing])}, ${surface.condition}`,
      ),
    ),
  ];
  return (
    <Box>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'flex-start', flexWrap: 'wrap', mb: 2.5 }}>
        <Box sx={{ flex: '1 1 320px' }}>
          <Typography variant="h2">{group.name}</Typography>
          <Typography sx={{ color: 'var(--ink-soft)', mb: 1 }}>
            From the walk: {stated.join('; ')}.{' '}
            {open.size === 0
              ? 'All tests done.'
              : [`${open.size} of ${tests.length} tests to do.`, ...assumed(tests, open)].join(' ')}
          </Typography>
          <Box sx={{ display: 'flex', gap: 0.75, flexWrap: 'wrap' }}>
            {pieces.slice(0, SHOWN_TAGS).map((piece) => (
              <Tag key={piece.id} mark={piece.mark} />
            ))}
            {pieces.length > SHOWN_TAGS && (
              <Typography sx={{ alignSelf: 'center' }}>and {pieces.length - SHOWN_TAGS} more</Typography>
            )}
          </Box>
        </Box>
        <Button
          variant={open.size === 0 ? 'contained' : 'outlined'}
          onClick={() => goTo({ stage: 'build-up', jobId: job.id, groupId: group.id })}
        >
          {group.buildUp ? 'See build-up' : 'Choose build-up'}
        </Button>
      </Box>
      <Section
        title={localise('Tests – do them in this order')}
        aside={
          <Box component="label" sx={{ display: 'flex', alignItems: 'center', gap: 1, fontSize: 14 }}>
            Where tested
            <Box
              component="input"
              value={where}
              placeholder={first ? `${first.mark}, hinge edge` : 'e.g. hinge edge'}
              onChange={(event: React.ChangeEvent<HTMLInputElement>) => setWhere(event.target.value)}
              maxLength={120}
              sx={{
                font: 'inherit',
                color: 'inherit',
                background: 'var(--sheet)',
                border: '1px solid var(--line)',
                borderRadius: '6px',
                px: 1.25,
                height: 44,
                width: 210,
              }}
            />
          </Box>
        }
      >
        <Box
          component="ul"
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'repeat(2, minmax(0, 1fr))' },
            gap: 1.5,
            alignItems: 'start',
          }}
        >
          {tests.map((surfaceTest) => (
            <TestCard
              key={surfaceTest.found}
              group={group}
              pieces={pieces}
              surfaceTest={surfaceTest}
              finding={findings.get(surfaceTest.found) ?? null}
              isOpen={open.has(surfaceTest.found)}
              where={where.trim() || first?.mark || ''}
            />
          ))}
        </Box>
      </Section>
      <PatchList group={group} where={where.trim() || first?.mark || ''} />
      <FindingHistory group={group} />
    </Box>
  );
}
