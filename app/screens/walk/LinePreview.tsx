import { inSentence } from '../../../core/units/sentence.ts';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { marksInWords } from '../../../core/job/marks.ts';
import type { LineOutcome } from '../../../core/typing/typed-line/read-line.ts';
import { sketchOf } from '../../../core/job/document/usual-piece.ts';
import { definitionOf } from '../../../core/pieces/registry.ts';
import { areaAccount, areaAndWeight, weightAccount } from '../../../core/quantities/piece-account.ts';
import { PieceElevation } from '../../drawing/elevation/PieceElevation.tsx';
import { How } from '../../parts/How.tsx';
import { useJob, useLocalise } from '../../open-job/use-job.ts';

interface LinePreviewProps {
  line: string;
  read: LineOutcome;
  marks: readonly string[];
}

/** What Nivel understood of a line, word by word, and the piece that it makes. */
export function LinePreview({ line, read, marks }: LinePreviewProps) {
  const job = useJob();
  const localise = useLocalise();
  const { units } = job.settings;
  const understood = [...read.understood].sort((one, other) => one.start - other.start);
  const sketch = read.ok ? sketchOf(read.kind, read.piece, marks[0] ?? '') : null;
  return (
    <Box
      sx={{
        mt: 1,
        p: 1.5,
        display: 'grid',
        gap: 2,
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: sketch ? 'minmax(0, 1fr) 230px' : 'minmax(0, 1fr)' },
        background: 'var(--sheet)',
        border: '1px solid var(--line)',
        borderRadius: '8px',
        alignItems: 'start',
      }}
    >
      <Box sx={{ display: 'grid', gap: 1.25 }}>
        <MarkedLine line={line} read={read} />
        <Box component="ul" aria-label="Understood" sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}>
          {understood.map(({ start, said }) => (
            <Box
              component="li"
              key={start}
              sx={{ background: 'var(--ready-fill)', borderRadius: '4px', px: 1, py: 0.25, fontSize: 14 }}
            >
              {localise(said)}
            </Box>
          ))}
        </Box>
        {read.ok && read.asked.length > 0 && (
          <Box component="ul" aria-label="Can’t read" sx={{ color: 'var(--tacky)', fontSize: 15, fontWeight: 650 }}>
            {read.asked.map(({ start, question }) => (
              <li key={start}>{localise(question)}</li>
            ))}
          </Box>
        )}
        {read.ok && read.others !== null && (
          <Typography sx={{ fontSize: 15 }}>
            Next line: <strong>{line.slice(read.others)}</strong>
          </Typography>
        )}
        {read.ok && sketch ? (
          <Typography sx={{ fontSize: 15 }}>
            <strong>{marksInWords(marks)}</strong>: {inSentence(localise(definitionOf(read.kind).name))},{' '}
            {areaAndWeight(sketch, units, marks.length > 1 ? ' each' : '')},{' '}
            {sketch.comesOff ? 'painted off' : 'painted in place'}. Enter adds {marks.length === 1 ? 'it' : 'them'}.{' '}
            <How
              of={areaAndWeight(sketch, units)}
              lines={() => [...areaAccount(sketch, units), ...weightAccount(sketch, units)]}
              page="walk#area-and-weight"
            />
          </Typography>
        ) : (
          <Box role="alert" sx={{ color: 'var(--late)', fontSize: 15 }}>
            {read.ok ? '' : localise(read.message)}
          </Box>
        )}
      </Box>
      {sketch && <PieceElevation piece={sketch} fill="#e4dcc6" units={units} width={230} height={170} />}
    </Box>
  );
}

/** The line again, underlined where it was understood, waved where it was not. */
function MarkedLine({ line, read }: { line: string; read: LineOutcome }) {
  const stretches: { start: number; end: number; isFault: boolean }[] = [
    ...read.understood.map(({ start, end }) => ({ start, end, isFault: false })),
    ...(read.ok ? read.asked : [read]).map(({ start, end }) => ({ start, end, isFault: true })),
  ].sort((one, other) => one.start - other.start);
  const pieces: ReactNode[] = [];
  let at = 0;
  for (const { start, end, isFault } of stretches) {
    if (start < at) continue;
    pieces.push(line.slice(at, start));
    pieces.push(
      <Box
        key={start}
        component={isFault ? 'mark' : 'span'}
        sx={{
          background: 'none',
          color: isFault ? 'var(--late)' : 'inherit',
          fontWeight: isFault ? 700 : 400,
          textDecoration: isFault ? 'underline wavy var(--late) 2px' : 'underline var(--ready) 2px',
          textUnderlineOffset: '5px',
        }}
      >
        {line.slice(start, end)}
      </Box>,
    );
    at = end;
  }
  return (
    <Box sx={{ fontSize: 16, overflowWrap: 'anywhere', whiteSpace: 'pre-wrap', lineHeight: 1.7 }}>
      {pieces}
      {line.slice(at)}
    </Box>
  );
}
