import { systemOf } from '../../../core/units/unit-systems.ts';
import { ChoiceField } from '../../parts/fields/ChoiceField.tsx';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { nanoid } from 'nanoid';
import { useRef, useState, type ClipboardEvent, type KeyboardEvent, type SubmitEvent } from 'react';
import { surveyOf } from '../../../core/exchange/pieces-csv.ts';
import { marksInWords, nextMarks } from '../../../core/job/marks.ts';
import { readLine, type LineOutcome } from '../../../core/typing/typed-line/read-line.ts';
import { useDraft } from '../../parts/fields/use-draft.ts';
import { useCommands, useJob } from '../../open-job/use-job.ts';
import { useKeys } from '../../device/use-keys.ts';
import { LinePreview } from './LinePreview.tsx';

interface QuickLineProps {
  onOpen(id: string): void;
  /** A list was pasted where a line was asked for. */
  onList(text: string): void;
}

/** Pieces from one typed line, with what was understood of it while it is typed. */
export function QuickLine({ onOpen, onList }: QuickLineProps) {
  const job = useJob();
  const { apply } = useCommands();
  const [line, setLine] = useDraft(`${job.id}/line`);
  const [last, setLast] = useState('');
  const [added, setAdded] = useState<{ words: string; first: string; id: string } | null>(null);
  const [chosenRoom, setChosenRoom] = useState<string | null>(null);
  const field = useRef<HTMLInputElement>(null);
  useKeys({ n: () => field.current?.focus() });

  const roomId =
    job.rooms.find(({ id }) => id === chosenRoom)?.id ?? job.pieces.at(-1)?.roomId ?? job.rooms[0]?.id ?? '';
  const read: LineOutcome | null =
    line.trim() === '' ? null : readLine(line, { units: job.settings.units, rooms: job.rooms, roomId });
  const marks = read?.ok
    ? nextMarks(
        job.pieces.map(({ mark }) => mark),
        read.kind,
        read.places.length,
      )
    : [];

  const add = (event: SubmitEvent): void => {
    event.preventDefault();
    if (!read?.ok) return;
    const { kind, piece, places, assumed } = read;
    const rows = places.map(({ room, note }) => ({ kind, count: 1, piece: { ...piece, note }, room, assumed }));
    const survey = surveyOf(job, rows, () => nanoid(10));
    if (!apply('survey', survey).ok) return;
    setLast(line);
    setLine(read.others === null ? '' : line.slice(read.others));
    // What stays in the line goes to the room of what was added.
    if (read.others !== null) setChosenRoom(null);
    setAdded({
      words: [
        `Added ${marksInWords(marks)}.`,
        ...(read.asked.length > 0
          ? [`Skipped: ${read.asked.map(({ start, end }) => `“${line.slice(start, end)}”`).join(', ')}.`]
          : []),
      ].join(' '),
      first: marks[0] ?? '',
      id: survey.pieces[0]?.id ?? '',
    });
  };
  const recall = (event: KeyboardEvent): void => {
    if (event.key === 'ArrowUp' && line === '' && last !== '') {
      event.preventDefault();
      setLine(last);
    }
    if (event.key === 'Escape') field.current?.blur();
  };
  const paste = (event: ClipboardEvent): void => {
    const text = event.clipboardData.getData('text');
    if (!/[\n\t]/.test(text.trim())) return;
    event.preventDefault();
    onList(text);
  };

  return (
    <Box component="form" onSubmit={add} aria-label="Quick entry" sx={{ mb: 2 }}>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'flex-start', flexWrap: { xs: 'wrap', sm: 'nowrap' } }}>
        <ChoiceField
          label="Room"
          value={roomId}
          sx={{ width: { xs: '100%', sm: 190 }, flex: 'none' }}
          choices={job.rooms.map((room) => ({ value: room.id, words: room.name }))}
          onChange={setChosenRoom}
        />
        <TextField
          fullWidth
          inputRef={field}
          label="Quick add"
          placeholder={`7 door 6p ${systemOf(job.settings.units).length.exampleSize} oil gloss both sides practice 1-7`}
          value={line}
          error={read?.ok === false}
          onChange={(event) => {
            setLine(event.target.value);
            setAdded(null);
          }}
          onKeyDown={recall}
          onPaste={paste}
          slotProps={{
            htmlInput: { autoCapitalize: 'off', autoComplete: 'off', spellCheck: false, enterKeyHint: 'done' },
            inputLabel: { shrink: true },
          }}
        />
        <Button type="submit" variant="contained" disabled={!read?.ok} sx={{ mt: '5px', minWidth: 96, minHeight: 40 }}>
          {marks.length > 1 ? `Add ${marks.length}` : 'Add'}
        </Button>
      </Box>
      {read && <LinePreview line={line} read={read} marks={marks} />}
      <Box role="status" sx={{ color: 'var(--ready)', display: 'flex', alignItems: 'center', gap: 1 }}>
        {added?.words}
        {added && (
          <Button size="small" onClick={() => onOpen(added.id)}>
            Open {added.first}
          </Button>
        )}
      </Box>
    </Box>
  );
}
