import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import { outsideFaces } from '../../../../core/forecasting/outside-faces.ts';
import { useJob } from '../../../open-job/use-job.ts';
import { EmptyState, Section } from '../../../parts/Section.tsx';
import { SiteFields } from '../SiteFields.tsx';
import type { AirNow } from '../../../open-job/use-air.ts';
import { DayHours } from './DayHours.tsx';
import { FaceWeek } from './FaceWeek.tsx';

/** The week of every outside face: when it may be painted, and what is against it in every other hour. */
export function OutsideView({ air }: { air: AirNow }) {
  const job = useJob();
  const faces = useMemo(() => outsideFaces(job), [job]);
  const [chosen, setChosen] = useState<{ id: string; day: number } | null>(null);
  const shown = faces.find(({ id }) => id === chosen?.id) ?? faces[0];
  const today = air.clocks.days.findIndex(({ startsAt, minutes }) => air.now < startsAt + minutes);
  const day = shown?.id === chosen?.id ? (chosen?.day ?? today) : today;
  if (!shown) {
    return <EmptyState title="No outside faces">Mark outside faces in Walk to see when to paint them.</EmptyState>;
  }
  const { latitude, longitude } = job.site;
  return (
    <Box>
      {(latitude === null || longitude === null) && (
        <Box sx={{ mb: 3, display: 'grid', gap: 1 }}>
          <Typography sx={{ fontWeight: 650, color: 'var(--tacky)' }}>
            Set the job’s location for the right sun (using 45° north for now).
          </Typography>
          <SiteFields />
        </Box>
      )}
      <Section
        title="This week, face by face"
        aside={
          <Typography sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
            Green = OK to paint (04:00–22:00). Tap a day for the hours.
          </Typography>
        }
      >
        <Box component="ul" sx={{ display: 'grid', gap: 1.25 }}>
          {faces.map((face) => (
            <FaceWeek
              key={face.id}
              face={face}
              air={air}
              chosen={face.id === shown.id ? day : null}
              onChoose={(chosenDay) => setChosen({ id: face.id, day: chosenDay })}
            />
          ))}
        </Box>
      </Section>
      <DayHours face={shown} day={day} air={air} />
    </Box>
  );
}
