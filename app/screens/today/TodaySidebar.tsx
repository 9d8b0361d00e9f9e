import Box from '@mui/material/Box';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useCallback, useDeferredValue, useState } from 'react';
import { forecastAt } from '../../../core/job/site-time.ts';
import { howItDries } from '../../../core/running/drying-how.ts';
import type { DryingPiece } from '../../../core/running/drying-status.ts';
import type { Day } from '../../../core/running/day.ts';
import type { SheetRun } from '../../../core/running/day-sheet.ts';
import { useJob } from '../../open-job/use-job.ts';
import { Section } from '../../parts/Section.tsx';
import { DayList } from './DayList.tsx';
import { Evening } from './Evening.tsx';
import { Learnt } from './Learnt.tsx';
import { RackPicture } from './RackPicture.tsx';
import { ShareDay } from './ShareDay.tsx';
import { Tins } from './Tins.tsx';
import { TouchList } from './TouchList.tsx';
import type { Stamps } from '../../parts/stamping/use-stamps.ts';

interface TodaySidebarProps {
  day: Day;
  sheet: readonly SheetRun[];
  /** The run that is on, if one is. */
  current: string | null;
  stamps: Stamps;
}

/** What lies beside the card of the day: what may be touched, the tins, the whole day, its evening. */
export default function TodaySidebar({ day, sheet, current, stamps }: TodaySidebarProps) {
  const job = useJob();
  const { problem, reading, dryingPieces, at } = day;
  const [touched, setTouched] = useState<'list' | 'rack'>('list');
  // The button answers the finger at once; what it brings may take a moment on a slow phone.
  const shown = useDeferredValue(touched);
  const when = (minutes: number): string => {
    return minutes === Infinity ? 'too cold' : forecastAt(reading.t0, minutes, job.site.timeZone, at);
  };
  const how = useCallback((drying: DryingPiece) => howItDries(day.job, problem, drying), [day.job, problem]);
  return (
    <>
      <Box sx={{ gridArea: 'touch', minWidth: 0 }}>
        <Section
          title="What’s dry"
          aside={
            <ToggleButtonGroup
              exclusive
              size="small"
              value={touched}
              aria-label="Show as"
              onChange={(_event, view: typeof touched | null) => view && setTouched(view)}
              sx={{ ml: 'auto' }}
            >
              <ToggleButton value="list" sx={{ minHeight: 44, px: 2 }}>
                List
              </ToggleButton>
              <ToggleButton value="rack" sx={{ minHeight: 44, px: 2 }}>
                Rack
              </ToggleButton>
            </ToggleButtonGroup>
          }
        >
          {shown === 'rack' && <RackPicture dryingPieces={dryingPieces} reading={reading} at={at} when={when} />}
          {shown === 'list' && (
            <TouchList dryingPieces={dryingPieces} t0={reading.t0} at={at} onTacky={stamps.tacky} how={how} />
          )}
        </Section>
        <Section title="Open tins">
          <Tins reading={reading} />
        </Section>
      </Box>
      <Box sx={{ gridArea: 'day', minWidth: 0 }}>
        <Section title="Today’s jobs">
          <DayList sheet={sheet} reading={reading} current={current} stamps={stamps} />
          <Learnt problem={problem} />
        </Section>
        <Evening day={day} />
        <Box sx={{ mt: 2.5 }}>
          <ShareDay onTaken={stamps.replan} />
        </Box>
      </Box>
    </>
  );
}
