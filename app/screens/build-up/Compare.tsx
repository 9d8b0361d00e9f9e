import { FILM } from '../../../core/units/measures.ts';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { CRITERIA, CRITERION_IDS } from '../../../core/choosing/weigh.ts';
import { coatStack, totalFilm } from '../../../core/build-up/coat-stack.ts';
import type { BuildUp, FinishGroup } from '../../../core/job/document/group-schema.ts';
import type { SurfaceFacts } from '../../../core/surface-tests/known-surface.ts';
import type { Offers } from '../../asking/packed-offers.ts';
import { useJob, useLocalise } from '../../open-job/use-job.ts';
import { Section, Sheet } from '../../parts/Section.tsx';
import { useCostWords } from './cost-words.ts';
import { StackOfFaces, usePreparationWords } from './StackOfFaces.tsx';

interface CompareProps {
  group: FinishGroup;
  facts: SurfaceFacts;
  offers: Offers;
  ids: readonly string[];
  onRemove(id: string): void;
  onChoose(buildUp: BuildUp): void;
}

/** Two or three build-ups side by side: cross-sections to one scale, and every figure, the best of each set off. */
export function Compare({ group, facts, offers, ids, onRemove, onChoose }: CompareProps) {
  const job = useJob();
  const localise = useLocalise();
  const costWords = useCostWords();
  const preparationWords = usePreparationWords();
  const shown = ids.flatMap((id) => offers.permitted.find(({ candidate }) => candidate.id === id) ?? []);
  if (shown.length < 2) return null;
  const best = (criterion: (typeof CRITERION_IDS)[number]): number => {
    const values = shown.map(({ cost }) => cost[criterion]);
    return CRITERIA[criterion].isMoreBetter ? Math.max(...values) : Math.min(...values);
  };
  return (
    <Section title="Side by side">
      <Sheet>
        <Box
          component="ul"
          aria-label="Compared build-ups"
          sx={{
            display: 'grid',
            gap: 3,
            gridTemplateColumns: { xs: '1fr', sm: `repeat(${shown.length}, minmax(0, 1fr))` },
          }}
        >
          {shown.map(({ candidate, cost }) => (
            <Box
              component="li"
              key={candidate.id}
              aria-label={localise(candidate.name)}
              sx={{ display: 'grid', gap: 1, gridRow: 'span 4', gridTemplateRows: 'subgrid' }}
            >
              <Box sx={{ alignSelf: 'end' }}>
                <StackOfFaces bare group={group} buildUp={candidate.buildUp} facts={facts} />
              </Box>
              <Box>
                <strong>{localise(candidate.name)}</strong>
                <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>{preparationWords(candidate.buildUp)}</Box>
              </Box>
              <Box
                component="dl"
                sx={{
                  m: 0,
                  display: 'grid',
                  gridTemplateColumns: '1fr auto',
                  fontSize: 15,
                  '& > *': { py: 0.4, m: 0, borderTop: '1px solid var(--line)' },
                }}
              >
                <dt>Film</dt>
                <dd>{FILM.brief(totalFilm(coatStack(job, facts, candidate.buildUp, 'front')), job.settings.units)}</dd>
                {CRITERION_IDS.map((criterion) => {
                  const leads = Math.abs(cost[criterion] - best(criterion)) < 1e-9;
                  return [
                    <dt key={`${criterion}-name`}>{CRITERIA[criterion].name}</dt>,
                    <Box
                      component="dd"
                      key={criterion}
                      sx={{ fontWeight: leads ? 750 : 400, color: leads ? 'var(--ready)' : 'inherit' }}
                    >
                      {costWords.value(criterion, cost[criterion])}
                      {leads ? ' ●' : ''}
                    </Box>,
                  ];
                })}
              </Box>
              <Box sx={{ display: 'flex', gap: 1 }}>
                <Button variant="outlined" onClick={() => onChoose(candidate.buildUp)}>
                  Choose
                </Button>
                <Button onClick={() => onRemove(candidate.id)}>Remove</Button>
              </Box>
            </Box>
          ))}
        </Box>
      </Sheet>
    </Section>
  );
}
