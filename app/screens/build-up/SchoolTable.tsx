import { GuideLink } from '../../parts/GuideLink.tsx';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { SCHOOLS } from '../../../core/build-up/schools.ts';
import type { SchoolPrice } from '../../../core/choosing/offer.ts';
import type { FinishGroup, Schools } from '../../../core/job/document/group-schema.ts';
import type { Offers } from '../../asking/packed-offers.ts';
import { useCommands, useLocalise } from '../../open-job/use-job.ts';
import { Section } from '../../parts/Section.tsx';
import { useCostWords } from './cost-words.ts';

const QUESTIONS = { keying: 'Keying', priming: 'Priming', tools: 'Tools' } as const;

/** The schools of keying, priming and tools as choices, each with what it costs, and what its best build-up would take here. */
export function SchoolTable({ group, offers }: { group: FinishGroup; offers: Offers }) {
  const { apply } = useCommands();
  const [best] = offers.permitted;
  const set = (facts: Partial<Schools>): void => void apply('change-group', { groupId: group.id, schools: facts });
  return (
    <Section
      title="Methods"
      aside={
        <>
          <Typography sx={{ color: 'var(--ink-soft)', fontSize: 14 }}>your way of working, for this group</Typography>
          <GuideLink page="methods" words="Methods in the guide" />
        </>
      }
    >
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          gridTemplateColumns: { xs: '1fr', lg: 'repeat(3, minmax(0, 1fr))' },
          alignItems: 'start',
        }}
      >
        {(['keying', 'priming', 'tools'] as const).map((question) => (
          <Box key={question} role="radiogroup" aria-label={QUESTIONS[question]} sx={{ display: 'grid', gap: 0.75 }}>
            <Typography variant="h3">{QUESTIONS[question]}</Typography>
            <SchoolButton
              name="No preference"
              does="Nivel picks the best"
              isChosen={group.schools[question] === null}
              onChoose={() => set({ [question]: null })}
            />
            {Object.entries(SCHOOLS[question]).map(([id, { name, does, costs }]) => {
              const price = offers.schools.find((entry) => entry.question === question && entry.school === id);
              return (
                <SchoolButton
                  key={id}
                  name={name}
                  does={does}
                  costs={costs}
                  price={price}
                  best={best}
                  isChosen={group.schools[question] === id}
                  onChoose={() => set({ [question]: id })}
                />
              );
            })}
          </Box>
        ))}
      </Box>
    </Section>
  );
}

interface SchoolButtonProps {
  name: string;
  does: string;
  costs?: string;
  price?: SchoolPrice | undefined;
  best?: Offers['permitted'][number] | undefined;
  isChosen: boolean;
  onChoose(): void;
}

function SchoolButton({ name, does, costs, price, best, isChosen, onChoose }: SchoolButtonProps) {
  const localise = useLocalise();
  const costWords = useCostWords();
  const figures = price?.best
    ? costWords
        .figures(price.best.cost)
        .slice(0, 3)
        .map((figure) => localise(`${figure.value} ${figure.name}`))
        .join(', ')
    : null;
  const risks = price?.best && best ? price.best.cost.risk - best.cost.risk : 0;
  return (
    <Box
      component="button"
      type="button"
      role="radio"
      aria-checked={isChosen}
      aria-label={localise(name)}
      onClick={onChoose}
      sx={{
        font: 'inherit',
        color: 'inherit',
        textAlign: 'left',
        cursor: 'pointer',
        minHeight: 44,
        px: 1.5,
        py: 1,
        borderRadius: '6px',
        border: '1px solid',
        borderColor: isChosen ? 'var(--ink)' : 'var(--line)',
        background: 'var(--sheet)',
        boxShadow: isChosen ? 'inset 6px 0 0 var(--vial)' : 'none',
        fontSize: 14,
      }}
    >
      <strong>{localise(name)}</strong>: {localise(does)}.{' '}
      {costs !== undefined && <span style={{ color: 'var(--ink-soft)' }}>{localise(costs)}</span>}
      {price && (
        <Box sx={{ mt: 0.5, fontWeight: 600, color: figures === null ? 'var(--late)' : 'var(--ink)' }}>
          {figures ?? 'Won’t work on this surface.'}
          {risks > 0 && <span style={{ color: 'var(--tacky)' }}>, {risks} more risk</span>}
        </Box>
      )}
    </Box>
  );
}
