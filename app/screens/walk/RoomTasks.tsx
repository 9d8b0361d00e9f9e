import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import IconButton from '@mui/material/IconButton';
import { nanoid } from 'nanoid';
import type { Facts } from '../../../core/job/commands/facts.ts';
import { missingTasks } from '../../../core/job/document/usual-tasks.ts';
import type { Room, RoomTask } from '../../../core/job/document/room-schema.ts';
import { useCommands, useJob, useNow } from '../../open-job/use-job.ts';
import { wholeNumber } from '../../../core/units/typed-number.ts';
import { StatedField } from '../../parts/fields/StatedField.tsx';
import { DeleteIcon } from '../../drawing/icons.tsx';

const HEADINGS = { before: 'Before painting', after: 'After painting' } as const;

/** What is moved and sheeted in a room before its paint and put back after, each with its minutes and a tick. */
export function RoomTasks({ room }: { room: Room }) {
  const job = useJob();
  const now = useNow();
  const { apply } = useCommands();
  const state = (tasks: Facts<Room>['tasks'], strokes?: string) =>
    apply('change-room', { id: room.id, facts: { tasks } }, strokes === undefined ? {} : { strokes, quiet: true });
  const add = (tasks: readonly RoomTask[]) => state(Object.fromEntries(tasks.map((task) => [task.id, task])));
  const missing = missingTasks(room, () => nanoid(8));
  const usual = { words: 'New task', minutes: 15, people: 1, doneAt: null };
  return (
    <>
      {(['before', 'after'] as const).map((when) => (
        <Box key={when} role="group" aria-label={`${HEADINGS[when]}, ${room.name}`} sx={{ display: 'grid', gap: 1 }}>
          <Box sx={{ display: 'flex', alignItems: 'center' }}>
            <Box sx={{ fontSize: 14, color: 'var(--ink-soft)', flex: 1 }}>{HEADINGS[when]}</Box>
            <Button size="small" onClick={() => add([{ ...usual, id: nanoid(8), when }])}>
              Add task
            </Button>
          </Box>
          {room.tasks
            .filter((task) => task.when === when)
            .map((task) => (
              <TaskRow
                key={task.id}
                task={task}
                draft={`${job.id}/${room.id}/${task.id}`}
                state={(facts, strokes) => state({ [task.id]: facts }, strokes)}
                onTick={(done) =>
                  apply('tick-room-task', { roomId: room.id, taskId: task.id, doneAt: done ? now : null })
                }
                onRemove={() => state({ [task.id]: null })}
              />
            ))}
        </Box>
      ))}
      {missing.length > 0 && (
        <Button variant="outlined" size="small" sx={{ justifySelf: 'start' }} onClick={() => add(missing)}>
          Add usual tasks
        </Button>
      )}
    </>
  );
}

interface TaskRowProps {
  task: RoomTask;
  draft: string;
  state(facts: Partial<RoomTask>, strokes?: string): { ok: true; value: unknown } | { ok: false; message: string };
  onTick(done: boolean): void;
  onRemove(): void;
}

function TaskRow({ task, draft, state, onTick, onRemove }: TaskRowProps) {
  const number = (key: 'minutes' | 'people', label: string, most: number) => (
    <StatedField
      label={label}
      text={String(task[key])}
      draft={`${draft}/${key}`}
      take={(typed) => {
        const read = wholeNumber(typed, 1, most);
        return read.ok ? state({ [key]: read.value }, `${task.id}/${key}`) : read;
      }}
    />
  );
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '44px minmax(0, 1fr) 44px', sm: '44px minmax(0, 1fr) 84px 76px 44px' },
        gap: 1,
        alignItems: 'start',
      }}
    >
      <Checkbox
        checked={task.doneAt !== null}
        onChange={(event) => onTick(event.target.checked)}
        slotProps={{ input: { 'aria-label': `${task.words}, done` } }}
      />
      <StatedField
        label="Task"
        text={task.words}
        draft={`${draft}/words`}
        take={(words) => state({ words }, `${task.id}/words`)}
      />
      {number('minutes', 'Minutes', 600)}
      {number('people', 'People', 2)}
      <IconButton aria-label={`Remove ${task.words}`} onClick={onRemove}>
        <DeleteIcon />
      </IconButton>
    </Box>
  );
}
