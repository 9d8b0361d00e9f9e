import { formatMoment } from '../../core/units/moments.ts';
import Button from '@mui/material/Button';
import { DateTime } from 'luxon';
import { Suspense, useState } from 'react';
import { fetchedLater } from '../device/fetched-later.ts';
import { ClockIcon } from '../drawing/icons.tsx';
import { useJob, useNow } from '../open-job/use-job.ts';

const ClockMenu = fetchedLater(() => import('./ClockMenu.tsx'));

/** The job's time. A practice workshop clock says that it is one, and can be stepped. */
export function ClockChip() {
  const job = useJob();
  const now = useNow();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const practice = job.settings.clock.kind === 'simulated';
  const time = DateTime.fromISO(now, { zone: job.site.timeZone });
  return (
    <>
      <Button
        variant="outlined"
        startIcon={<ClockIcon />}
        onClick={(event) => setAnchor(event.currentTarget)}
        aria-label={`${practice ? 'Practice clock' : 'Clock'}: ${formatMoment(time, 'longDayTime')}`}
        sx={{
          borderColor: practice ? 'var(--vial-deep)' : 'var(--line)',
          background: practice ? 'color-mix(in srgb, var(--vial) 22%, var(--sheet))' : 'var(--sheet)',
          color: 'var(--ink)',
          whiteSpace: 'nowrap',
        }}
      >
        {formatMoment(time, 'dayTime')}
        {practice && <span style={{ fontWeight: 500, marginLeft: 8 }}>practice</span>}
      </Button>
      {anchor && (
        <Suspense fallback={null}>
          <ClockMenu anchor={anchor} onClose={() => setAnchor(null)} />
        </Suspense>
      )}
    </>
  );
}
