import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useEffect, useMemo, useState } from 'react';
import { Code } from './Code.tsx';
import { codeFrames } from './code-frames.ts';

/** Ms for which each code stands: long enough for a phone's camera. */
const STANDS = 350;
/** From more codes than this on, a file is less trouble. */
const MANY_FRAMES = 40;

/** A text as codes one after another, round and round, for the camera of another device. */
export function CodeSeries({ text, label }: { text: string; label: string }) {
  const frames = useMemo(() => codeFrames(text), [text]);
  const [index, setIndex] = useState(0);
  const [isHeld, setIsHeld] = useState(false);
  useEffect(() => {
    if (isHeld || frames.length === 1) return undefined;
    const timer = setInterval(() => setIndex((shown) => (shown + 1) % frames.length), STANDS);
    return () => clearInterval(timer);
  }, [frames, isHeld]);
  const shown = index % frames.length;
  return (
    <Box sx={{ display: 'grid', gap: 1, justifyItems: 'center' }}>
      <Code
        text={frames[shown] ?? ''}
        label={`${label}, code ${shown + 1} of ${frames.length}`}
        size="min(78vw, 380px)"
      />
      {frames.length > MANY_FRAMES && (
        <Box sx={{ fontSize: 14.5, color: 'var(--ink-soft)' }}>
          About {Math.ceil((frames.length * STANDS) / 1000)} s to scan all codes. A file is quicker.
        </Box>
      )}
      {frames.length > 1 && (
        <Box sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
          <span>
            {shown + 1} of {frames.length}
          </span>
          <Button sx={{ minHeight: 44 }} onClick={() => setIsHeld(!isHeld)}>
            {isHeld ? 'Resume' : 'Pause'}
          </Button>
        </Box>
      )}
    </Box>
  );
}
