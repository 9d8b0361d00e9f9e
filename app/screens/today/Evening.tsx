import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import { memo, useMemo, useState } from 'react';
import { dateAt, type Day } from '../../../core/running/day.ts';
import { eveningTasks, type EveningTask } from '../../../core/running/end-of-day.ts';
import { useTicks } from '../../keeping/device-checks.ts';
import { useJob, useLocalise } from '../../open-job/use-job.ts';
import { Fold } from '../../parts/Fold.tsx';
import { Sheet } from '../../parts/Section.tsx';

const HEADINGS: readonly { kinds: readonly EveningTask['kind'][]; name: string }[] = [
  { kinds: ['tools', 'waste', 'paint'], name: 'Tools and paint' },
  { kinds: ['pieces', 'air'], name: 'Pieces and air' },
  { kinds: ['tomorrow'], name: 'For tomorrow' },
];

/** What is wrapped, soaked, heated, opened and closed before one goes, and what tomorrow begins with; ticked by a touch. */
export const Evening = memo(function Evening({ day }: { day: Day }) {
  const job = useJob();
  const localise = useLocalise();
  const today = dateAt(day, day.at);
  const [ticked, tick] = useTicks(job.id, `evening/${today}`);
  const [isOpen, setIsOpen] = useState(false);
  // Reckoned when it is looked at: the day goes on without it.
  const tasks = useMemo(() => (isOpen ? eveningTasks(day) : []), [day, isOpen]);
  const open = tasks.filter(({ id }) => !ticked.has(id)).length;
  return (
    <Sheet pad={2}>
      <Fold
        title="Before you go"
        summary={!isOpen ? 'tools, pieces, air, tomorrow' : open === 0 ? 'all done' : `${open} of ${tasks.length} open`}
        onToggle={setIsOpen}
      >
        {HEADINGS.map(({ kinds, name }) => {
          const own = tasks.filter(({ kind }) => kinds.includes(kind));
          if (own.length === 0) return null;
          return (
            <Box key={name}>
              <Box sx={{ fontWeight: 700, color: 'var(--ink-soft)', fontSize: 14, mb: 0.5 }}>{name}</Box>
              <Box component="ul" aria-label={name}>
                {own.map(({ id, words, why }) => (
                  <Box
                    component="li"
                    key={id}
                    sx={{ display: 'grid', gridTemplateColumns: '48px minmax(0, 1fr)', alignItems: 'center', py: 0.25 }}
                  >
                    <Checkbox
                      checked={ticked.has(id)}
                      sx={{ width: 48, height: 48 }}
                      onChange={(event) => tick([id], event.target.checked)}
                      slotProps={{ input: { 'aria-label': localise(words) } }}
                    />
                    <span style={{ textDecoration: ticked.has(id) ? 'line-through' : 'none' }}>
                      {localise(words)}
                      <Box component="span" sx={{ display: 'block', fontSize: 14, color: 'var(--ink-soft)' }}>
                        {localise(why)}
                      </Box>
                    </span>
                  </Box>
                ))}
              </Box>
            </Box>
          );
        })}
      </Fold>
    </Sheet>
  );
});
