import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import { memo, useState } from 'react';
import { timeOn, type Day } from '../../../core/running/day.ts';
import { formatDuration } from '../../../core/units/measures.ts';
import { BellIcon, CheckIcon } from '../../drawing/icons.tsx';
import { useLocalise } from '../../open-job/use-job.ts';
import { useReminders } from './use-reminders.ts';

/** Of those due, the last so many stand there; the others are counted until they are asked for. */
const SHOWN = 1;

/** What has come due and nobody has seen yet, loud; what comes next, quietly. */
export const ReminderBar = memo(function ReminderBar({ day }: { day: Day }) {
  const localise = useLocalise();
  const { due, next, seen, permission, askPermission } = useReminders(day);
  const [isOpen, setIsOpen] = useState(false);
  const shown = isOpen ? due : due.slice(-SHOWN);
  return (
    <Box component="section" aria-label="Reminders" sx={{ display: 'grid', gap: 1 }}>
      {due.length > 0 && (
        <Box
          component="ul"
          aria-label="Due now"
          sx={{
            background: 'var(--vial)',
            color: 'var(--on-vial)',
            borderRadius: '8px',
            border: '2px solid #18292b',
            overflow: 'hidden',
          }}
        >
          {shown.map((reminder) => (
            <Box
              component="li"
              key={reminder.id}
              sx={{
                display: 'grid',
                gridTemplateColumns: '56px minmax(0, 1fr) 56px',
                alignItems: 'center',
                gap: 1,
                pl: 1.5,
                py: 0.75,
                borderBottom: '1px solid rgb(24 41 43 / 30%)',
                '&:last-child': { borderBottom: 0 },
              }}
            >
              <Box sx={{ fontWeight: 700, lineHeight: 1.15, fontSize: 14 }}>
                {timeOn(day, reminder.at)}
                {day.at - reminder.at > 1 && (
                  <Box component="span" sx={{ display: 'block', fontSize: 13, fontWeight: 500 }}>
                    {formatDuration(day.at - reminder.at)} ago
                  </Box>
                )}
              </Box>
              <Box>
                <strong>{localise(reminder.words)}</strong>
                <Box component="span" sx={{ display: 'block', fontSize: 13.5, lineHeight: 1.3 }}>
                  {localise(reminder.detail)}
                </Box>
              </Box>
              <IconButton
                aria-label={`Clear: ${localise(reminder.words)}`}
                onClick={() => seen([reminder])}
                sx={{ width: 52, height: 52, color: 'inherit' }}
              >
                <CheckIcon />
              </IconButton>
            </Box>
          ))}
          {due.length > SHOWN && (
            <Box component="li" sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr' }}>
              <Button
                aria-expanded={isOpen}
                onClick={() => setIsOpen(!isOpen)}
                sx={{ minHeight: 48, color: 'inherit', borderRadius: 0 }}
              >
                {isOpen ? 'Show latest only' : `Show ${due.length - SHOWN} more`}
              </Button>
              <Button onClick={() => seen(due)} sx={{ minHeight: 48, color: 'inherit', borderRadius: 0 }}>
                Clear all {due.length}
              </Button>
            </Box>
          )}
        </Box>
      )}
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, flexWrap: 'wrap', fontSize: 15, minHeight: 44 }}>
        <BellIcon sx={{ color: 'var(--ink-soft)' }} />
        <Box component="span" sx={{ flex: '1 1 180px' }}>
          {next ? (
            <>
              <strong>{timeOn(day, next.at)}</strong> {localise(next.words)}
            </>
          ) : (
            'No reminders.'
          )}
        </Box>
        {permission === 'default' && (
          <Button variant="outlined" sx={{ minHeight: 44 }} onClick={askPermission}>
            Turn on alerts
          </Button>
        )}
      </Box>
    </Box>
  );
});
