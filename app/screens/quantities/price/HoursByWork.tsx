import { useLocalise } from '../../../open-job/use-job.ts';
import type { Price } from '../../../../core/pricing/price.ts';
import Box from '@mui/material/Box';
import { Section } from '../../../parts/Section.tsx';
import { hoursOfWork } from '../../../../core/units/measures.ts';

/** Hands-on hours by what is done. */
export function HoursByWork({ price }: { price: Pick<Price, 'hours' | 'handsOn'> }) {
  const localise = useLocalise();
  return (
    <Section title="Hours by task">
      <Box component="ul" sx={{ display: 'grid', gap: 0.75 }}>
        {price.hours.map((entry) => (
          <Box
            component="li"
            key={entry.what}
            sx={{
              display: 'grid',
              gridTemplateColumns: { xs: '1fr auto', sm: '290px 1fr auto' },
              gap: 2,
              alignItems: 'center',
            }}
          >
            <span>{localise(entry.what)}</span>
            <Box
              aria-hidden
              sx={{ height: 12, borderRadius: 6, background: 'var(--line)', display: { xs: 'none', sm: 'block' } }}
            >
              <Box
                sx={{
                  height: 12,
                  borderRadius: 6,
                  width: `${(100 * entry.hours) / price.handsOn}%`,
                  background: 'var(--vial-deep)',
                }}
              />
            </Box>
            <strong>{hoursOfWork(entry.hours)}</strong>
          </Box>
        ))}
      </Box>
    </Section>
  );
}
