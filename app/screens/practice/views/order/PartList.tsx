import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Pass } from '../../../../../core/sequence/pass.ts';
import { capital } from '../../../../../core/units/sentence.ts';
import { useLocalise } from '../../../../open-job/use-job.ts';
import { Fold } from '../../../../parts/Fold.tsx';

interface PartListProps {
  pass: Pass;
  /** Ids in the order in which they were painted. */
  painted: readonly string[];
  left: readonly string[];
  onPaint(id: string): void;
}

/** The parts as a list, for keys and screen readers: those left to paint as buttons, then those painted, in order. */
export function PartList({ pass, painted, left, onPaint }: PartListProps) {
  const localise = useLocalise();
  const [isOpen, setIsOpen] = useState(false);
  const names = new Map(pass.strokes.map(({ id, name }) => [id, capital(localise(name))]));
  return (
    <Fold title="Parts as a list" summary={`${left.length} left`} onToggle={setIsOpen}>
      {/* A long railing’s list is made only for those who want it. */}
      {isOpen && (
        <>
          <Box
            component="ul"
            aria-label="Left to paint"
            sx={{ listStyle: 'none', p: 0, m: 0, display: 'flex', flexWrap: 'wrap', gap: 0.75 }}
          >
            {left.map((id) => (
              <li key={id}>
                <Button variant="outlined" onClick={() => onPaint(id)} sx={{ minHeight: 44 }}>
                  {names.get(id)}
                </Button>
              </li>
            ))}
          </Box>
          <Box component="ol" aria-label="Painted" sx={{ m: 0, pl: 3 }}>
            {painted.map((id) => (
              <li key={id}>{names.get(id)}</li>
            ))}
          </Box>
        </>
      )}
    </Fold>
  );
}
