import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import type { JobOutlook } from '../../../core/running/outlook.ts';
import { ProgressMark } from '../../drawing/ProgressMark.tsx';

function Line({ name, colour, children }: { name: string; colour?: string; children: ReactNode }) {
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: '56px minmax(0, 1fr)', gap: 1 }}>
      <Box component="span" sx={{ color: colour ?? 'var(--ink-soft)' }}>
        {name}
      </Box>
      <Box component="span" sx={{ fontWeight: 650, color: colour ?? 'inherit' }}>
        {children}
      </Box>
    </Box>
  );
}

/** How a job stands: what is next, what dries, what is late, and how far it is. */
export function OutlookLines({ outlook: { next, drying, late, done, all } }: { outlook: JobOutlook }) {
  return (
    <Box sx={{ fontSize: 15, display: 'grid', gap: 0.5 }}>
      <Line name="Next">{next ?? 'all done'}</Line>
      {drying && <Line name="Drying">{drying}</Line>}
      {late && (
        <Line name="Late" colour="var(--late)">
          {late}
        </Line>
      )}
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5, fontSize: 14, color: 'var(--ink-soft)' }}>
        <ProgressMark share={all === 0 ? 0 : done / all} words={`${done} of ${all} steps done`} width={72} />
        {done} of {all} steps done
      </Box>
    </Box>
  );
}
