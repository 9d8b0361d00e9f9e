import Box from '@mui/material/Box';
import { PROTECTIONS, type Hazard } from '../../core/shelf/hazards.ts';
import { useLocalise } from '../open-job/use-job.ts';
import { Caution } from './Section.tsx';

const LINES = Object.entries(PROTECTIONS) as [keyof typeof PROTECTIONS, string][];

/** A hazard at the point of decision: its name and what to wear or do in a word each; the whole of it at a tap. */
export function HazardNote({ hazard }: { hazard: Hazard }) {
  const localise = useLocalise();
  return (
    <Caution>
      <Box component="details" sx={{ display: 'inline' }}>
        <Box component="summary" sx={{ cursor: 'pointer', display: 'inline', listStyle: 'none', lineHeight: 1.9 }}>
          <strong>{localise(hazard.name)}.</strong>{' '}
          {hazard.brief.map((words) => (
            <Box
              component="span"
              key={words}
              sx={{ border: '1px solid var(--tacky)', borderRadius: '4px', px: 0.75, mr: 0.5, whiteSpace: 'nowrap' }}
            >
              {localise(words)}
            </Box>
          ))}
          <Box component="span" sx={{ textDecoration: 'underline', whiteSpace: 'nowrap' }}>
            Details
          </Box>
        </Box>
        <Box component="ul" sx={{ mt: 0.75, display: 'grid', gap: 0.5 }}>
          {LINES.map(([key, name]) =>
            hazard[key] === null ? null : (
              <li key={key}>
                <strong>{name}:</strong> {localise(hazard[key])}
              </li>
            ),
          )}
        </Box>
      </Box>
    </Caution>
  );
}
