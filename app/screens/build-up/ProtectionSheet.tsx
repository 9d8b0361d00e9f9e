import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { dangersOf } from '../../../core/build-up/protection.ts';
import { PROTECTIONS } from '../../../core/shelf/hazards.ts';
import { useJob, useLocalise } from '../../open-job/use-job.ts';
import { EmptyState, Sheet } from '../../parts/Section.tsx';
import { PrintIcon } from '../../drawing/icons.tsx';

const PARTS = Object.entries(PROTECTIONS) as [keyof typeof PROTECTIONS, string][];

/** What protects while the chosen build-ups are put on: one page, to be printed and hung up. */
export function ProtectionSheet() {
  const job = useJob();
  const localise = useLocalise();
  const dangers = dangersOf(job);
  if (dangers.length === 0) {
    return (
      <EmptyState title="No special protection needed">
        Masks, gloves and ventilation appear here once you choose build-ups.
      </EmptyState>
    );
  }
  return (
    <Box component="article" aria-label="Protection" className="printed-page">
      <Box sx={{ display: 'flex', alignItems: 'start', gap: 2, mb: 2, flexWrap: 'wrap' }}>
        <Box sx={{ flex: '1 1 400px' }}>
          <Typography variant="h2">Protection, {job.name}</Typography>
          <Typography sx={{ color: 'var(--ink-soft)' }}>
            {localise('For the products chosen so far. Safety data sheets and local rules come first.')}
          </Typography>
        </Box>
        <Button className="no-print" variant="outlined" startIcon={<PrintIcon />} onClick={() => window.print()}>
          Print
        </Button>
      </Box>
      <Box
        component="ul"
        sx={{
          columnCount: { xs: 1, lg: 2 },
          columnGap: 1.5,
          // On paper everything stands on one page.
          '@media print': { columnCount: 2, zoom: 0.78 },
        }}
      >
        {dangers.map(({ id, hazard, from, groups }) => (
          <Box component="li" key={id} aria-label={localise(hazard.name)} sx={{ breakInside: 'avoid', pb: 1.5 }}>
            <Sheet>
              <Box sx={{ fontWeight: 750, fontSize: 17, borderLeft: '6px solid var(--tacky)', pl: 1.25, mb: 0.75 }}>
                {localise(hazard.name)}
              </Box>
              <Box sx={{ fontSize: 14, color: 'var(--ink-soft)', mb: 1 }}>
                {localise(from.join(', '))} · on {groups.map(({ name }) => name).join('; ')}
              </Box>
              <Box
                component="dl"
                sx={{ m: 0, display: 'grid', gridTemplateColumns: '68px 1fr', rowGap: 0.5, fontSize: 15 }}
              >
                {PARTS.flatMap(([part, name]) => {
                  const words = hazard[part];
                  return words === null
                    ? []
                    : [
                        <Box component="dt" key={`${part}-name`} sx={{ fontWeight: 650 }}>
                          {name}
                        </Box>,
                        <Box component="dd" key={part} sx={{ m: 0 }}>
                          {localise(words)}
                        </Box>,
                      ];
                })}
              </Box>
            </Sheet>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
