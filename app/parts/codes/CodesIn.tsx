import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import LinearProgress from '@mui/material/LinearProgress';
import { useState } from 'react';
import { CodeReader } from './CodeReader.tsx';
import { NO_FRAMES, textOfFrames, withFrame } from './code-frames.ts';

/** Reads a series of codes with the camera, in whatever order it sees them, and hands out their text. */
export function CodesIn({ onText }: { onText(text: string): void }) {
  const [frames, setFrames] = useState(NO_FRAMES);
  const [fault, setFault] = useState<string | null>(null);
  return (
    <>
      {fault && <Alert severity="warning">{fault}</Alert>}
      <CodeReader
        onCode={(code) => {
          const next = withFrame(frames, code);
          if (next === frames) return;
          const text = textOfFrames(next);
          setFrames(text && !text.ok ? NO_FRAMES : next);
          setFault(text && !text.ok ? text.message : null);
          if (text?.ok) onText(text.value);
        }}
      />
      <Box role="status">
        {frames.count === 0 ? 'No codes scanned yet.' : `${frames.parts.size} of ${frames.count} codes scanned.`}
        <LinearProgress
          variant="determinate"
          aria-label="Codes scanned"
          value={frames.count === 0 ? 0 : (100 * frames.parts.size) / frames.count}
        />
      </Box>
    </>
  );
}
