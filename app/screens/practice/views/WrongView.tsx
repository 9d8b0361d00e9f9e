import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useId } from 'react';
import { z } from 'zod';
import { causeOf, CAUSES, type CauseId } from '../../../../core/checking/causes/registry.ts';
import { DEFECTS } from '../../../../core/checking/defects.ts';
import { DEFECT_IDS } from '../../../../core/job/document/defect-schema.ts';
import { elevationOf } from '../../../../core/job/queries/pieces.ts';
import { airIn, loggedIn, notedIn } from '../../../../core/practising/exercises/wrong-log.ts';
import {
  CARE_IDS,
  CARES,
  causesIn,
  WAITS,
  type WrongAnswer,
  type WrongTask,
} from '../../../../core/practising/exercises/wrong-task.ts';
import { formatMoment } from '../../../../core/units/moments.ts';
import { FaceDrawing } from '../../../drawing/elevation/FaceDrawing.tsx';
import { RakingLight } from '../../../drawing/elevation/RakingLight.tsx';
import { ToggleChoice } from '../../../parts/fields/ToggleChoice.tsx';
import { REACHED_WORDS } from '../../../parts/reached-words.ts';
import { Section, Sheet } from '../../../parts/Section.tsx';
import { useLocalise } from '../../../open-job/use-job.ts';
import type { ExerciseViewProps } from '../exercise-views.ts';
import { useStarted } from '../use-started.ts';
import { NotedList } from './NotedList.tsx';

/** What is chosen so far. */
type Chosen = { [K in keyof WrongAnswer]: WrongAnswer[K] | null };
const NOTHING_CHOSEN: Chosen = { cause: null, remedy: null, wait: null, care: null };
const chosenSchema: z.ZodType<Chosen> = z.object({
  cause: z.custom<CauseId>((id) => causeOf(String(id)) !== null).nullable(),
  remedy: z.enum(DEFECT_IDS).nullable(),
  wait: z.enum(WAITS).nullable(),
  care: z.enum(CARE_IDS).nullable(),
});

/** A defect in raking light with its log: cause, fix, wait and care are chosen. */
export function WrongView({ task, given, onAnswer }: ExerciseViewProps<WrongTask, WrongAnswer>) {
  const localise = useLocalise();
  const [chosen, setChosen] = useStarted(chosenSchema, NOTHING_CHOSEN);
  const answer: Chosen = given ?? chosen;
  const set = (facts: Partial<Chosen>): void => setChosen({ ...answer, ...facts });
  const isDone = given !== null;
  const { name, looksLike } = DEFECTS[task.defect];
  const { cause, remedy, wait, care } = answer;
  return (
    <Box sx={{ display: 'grid', gap: 2 }}>
      <Sheet>
        <Box
          sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: '150px minmax(0, 1fr)' } }}
        >
          <RakedFace task={task} />
          <Box sx={{ display: 'grid', gap: 1.5, alignContent: 'start' }}>
            <div>
              <Box component="strong" sx={{ fontSize: 20 }}>
                {localise(name)}
              </Box>
              <div>{localise(looksLike)}</div>
              <Box sx={{ color: 'var(--ink-soft)' }}>Seen {formatMoment(task.now, 'weekdayTime')}.</Box>
            </div>
            <NotedList label="Log" lines={loggedIn(task)} />
            <NotedList label="Air" lines={airIn(task)} />
            <NotedList label="Also noted" lines={notedIn(task)} />
          </Box>
        </Box>
      </Sheet>
      <Section title="Cause">
        <ToggleChoice
          label="Cause"
          value={cause}
          isDisabled={isDone}
          choices={causesIn(task).map((id: CauseId) => ({ value: id, words: CAUSES[id].name }))}
          onChange={(id) => set({ cause: id })}
        />
      </Section>
      <Section title="Fix">
        <ToggleChoice
          label="Fix"
          value={remedy}
          isDisabled={isDone}
          choices={task.remedies.map((id) => ({ value: id, words: DEFECTS[id].remedy }))}
          onChange={(id) => set({ remedy: id })}
        />
      </Section>
      <Section title="Wait until it’s">
        <ToggleChoice
          label="Wait until it’s"
          value={WAITS.find((id) => id === wait) ?? null}
          isDisabled={isDone}
          choices={WAITS.map((id) => ({ value: id, words: REACHED_WORDS[id] }))}
          onChange={(id) => set({ wait: id })}
        />
      </Section>
      <Section title="Before you sand">
        <ToggleChoice
          label="Before you sand"
          value={care}
          isDisabled={isDone}
          choices={CARE_IDS.map((id) => ({ value: id, words: CARES[id] }))}
          onChange={(id) => set({ care: id })}
        />
      </Section>
      {!isDone && (
        <Button
          variant="contained"
          disabled={!cause || !remedy || !wait || !care}
          onClick={() => cause && remedy && wait && care && onAnswer({ cause, remedy, wait, care })}
          sx={{ minHeight: 48, justifySelf: 'start' }}
        >
          Check answers
        </Button>
      )}
    </Box>
  );
}

/** The face on which it is seen, with the lamp along it. */
function RakedFace({ task: { job, pieceId, face: faceId } }: { task: WrongTask }) {
  const lamp = useId();
  const piece = job.pieces.find(({ id }) => id === pieceId);
  const face = piece && elevationOf(piece).faces.find(({ id }) => id === faceId);
  if (!face) return null;
  return (
    <Box
      component="svg"
      aria-hidden
      viewBox={`0 0 ${face.width} ${face.height}`}
      sx={{ maxWidth: '100%', maxHeight: { xs: 220, sm: 340 } }}
    >
      <FaceDrawing face={face} fill="#efece2" />
      <RakingLight id={lamp} width={face.width} height={face.height} />
    </Box>
  );
}
