import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import type { SubmitEvent } from 'react';
import { definitionOf } from '../../../core/pieces/registry.ts';
import { readLine } from '../../../core/typing/typed-line/read-line.ts';
import { formatSize, lengthFieldText } from '../../../core/units/length.ts';
import { inSentence } from '../../../core/units/sentence.ts';
import { useLocalise } from '../../open-job/use-job.ts';
import type { StartState } from './use-start.ts';

/** What a line says, as in “14 cupboard doors, 400 × 720 mm”; why it can't be read where it can't. */
function useReading(line: string, units: StartState['settings']['units']): { words: string; isFault: boolean } | null {
  const localise = useLocalise();
  if (line.trim() === '') return null;
  const read = readLine(line, { units, rooms: [], roomId: '' });
  if (!read.ok) return { words: localise(read.message), isFault: true };
  const { name, plural } = definitionOf(read.kind);
  const count = read.places.length;
  const { width, height } = read.piece.shape;
  const size =
    typeof width === 'number' && typeof height === 'number' && !read.assumed.includes('size')
      ? `, ${formatSize(width, height, units)}`
      : '';
  const more = read.others === null ? '' : `, then “${line.slice(read.others)}”`;
  const unread = read.asked.map(({ question }) => localise(question)).join(' ');
  return {
    words: `${count} ${inSentence(localise(count === 1 ? name : plural))}${size}${more}. ${unread}`.trim(),
    isFault: false,
  };
}

/** Pieces in words: a line to type, what was understood of it, and the lines that were added. */
export function TypedLines({ state }: { state: StartState }) {
  const { begun, change, type, settings } = state;
  const reading = useReading(begun.line, settings.units);
  const add = (event: SubmitEvent): void => {
    event.preventDefault();
    if (reading === null || reading.isFault) return;
    change({ lines: [...begun.lines, begun.line], line: '' });
  };
  const example = `14 kitchen cupboard doors ${[400, 720].map((mm) => lengthFieldText(mm, settings.units)).join('x')} laminate`;
  return (
    <Box component="form" onSubmit={add} sx={{ display: 'grid', gap: 0.75 }}>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'flex-start' }}>
        <TextField
          fullWidth
          label="Type what there is, or choose below"
          placeholder={example}
          value={begun.line}
          error={reading?.isFault ?? false}
          helperText={reading?.words}
          onChange={(event) => type(event.target.value)}
          slotProps={{
            htmlInput: {
              autoCapitalize: 'off',
              autoComplete: 'off',
              spellCheck: false,
              enterKeyHint: 'done',
              maxLength: 300,
            },
            inputLabel: { shrink: true },
          }}
        />
        <Button
          type="submit"
          variant="outlined"
          disabled={reading === null || reading.isFault}
          sx={{ mt: '5px', minHeight: 40 }}
        >
          Add
        </Button>
      </Box>
      {begun.lines.length > 0 && (
        <Box component="ul" aria-label="Typed lines" sx={{ display: 'grid', gap: 0.5 }}>
          {begun.lines.map((line, index) => (
            <Box component="li" key={`${index}/${line}`} sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
              <span style={{ overflowWrap: 'anywhere' }}>{line}</span>
              <Button
                size="small"
                aria-label={`Remove ${line}`}
                onClick={() => change({ lines: begun.lines.filter((_other, at) => at !== index) })}
              >
                Remove
              </Button>
            </Box>
          ))}
        </Box>
      )}
    </Box>
  );
}
