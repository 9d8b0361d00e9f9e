import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { Section } from '../../../parts/Section.tsx';
import type { AirNow } from '../../../open-job/use-air.ts';
import { Comb } from './Comb.tsx';
import { Hygrometer } from './Hygrometer.tsx';
import { MoistureMeter } from './MoistureMeter.tsx';
import { ReadingLog } from './ReadingLog.tsx';
import { ReplayFile } from './ReplayFile.tsx';
import { SurfaceThermometer } from './SurfaceThermometer.tsx';

/** The tray of instruments: four stand-ins that say so, a file of readings, and the log of what was read. */
export function InstrumentTray({ air }: { air: AirNow }) {
  return (
    <Box>
      <Typography sx={{ mb: 1.5, maxWidth: 820 }}>
        <strong>Demo</strong> instruments with made-up readings. Type your own readings instead – they work the same.
      </Typography>
      <Box
        component="ul"
        aria-label="Instruments"
        sx={{
          display: 'grid',
          gap: 1.5,
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: '1fr 1fr', xl: 'repeat(4, minmax(0, 1fr))' },
          p: 1.5,
          mb: 3,
          borderRadius: '12px',
          border: '2px solid var(--ink)',
          background:
            'repeating-linear-gradient(90deg, color-mix(in srgb, var(--line) 45%, var(--ground)) 0 38px, color-mix(in srgb, var(--line) 62%, var(--ground)) 38px 40px)',
        }}
      >
        <Hygrometer air={air} />
        <SurfaceThermometer air={air} />
        <Comb />
        <MoistureMeter />
      </Box>
      <ReplayFile />
      <Section title="Readings log">
        <ReadingLog />
      </Section>
    </Box>
  );
}
