import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import IconButton from '@mui/material/IconButton';
import Switch from '@mui/material/Switch';
import { z } from 'zod';
import { usualCoat } from '../../../../core/build-up/fixing.ts';
import { coatSchema, EXTENTS, type Coat } from '../../../../core/job/document/coat-schema.ts';
import { KEYS } from '../../../../core/job/document/group-schema.ts';
import type { Job } from '../../../../core/job/document/schema.ts';
import { shelfOf } from '../../../../core/job/queries/shelf.ts';
import { FOUND, FOUND_IDS, resultInWords, type FoundId } from '../../../../core/pieces/found.ts';
import { definitionOf } from '../../../../core/pieces/registry.ts';
import { SUBSTRATES } from '../../../../core/pieces/substrate.ts';
import { testsIn, type CoatsAnswer, type CoatsTask } from '../../../../core/practising/exercises/coats-task.ts';
import { SURFACE_TESTS } from '../../../../core/surface-tests/surface-tests.ts';
import { formatDuration } from '../../../../core/units/measures.ts';
import { inSentence } from '../../../../core/units/sentence.ts';
import { PieceThumb } from '../../../drawing/elevation/PieceThumb.tsx';
import { DeleteIcon } from '../../../drawing/icons.tsx';
import { useLocalise } from '../../../open-job/use-job.ts';
import { ChoiceField } from '../../../parts/fields/ChoiceField.tsx';
import { ToggleChoice } from '../../../parts/fields/ToggleChoice.tsx';
import { EXTENT_WORDS } from '../../../parts/extent-words.ts';
import { KEY_WORDS } from '../../../parts/key-words.ts';
import { Section, Sheet } from '../../../parts/Section.tsx';
import type { ExerciseViewProps } from '../exercise-views.ts';
import { useStarted } from '../use-started.ts';

const NOTHING_CHOSEN: CoatsAnswer = { tests: [], cleaning: [], key: 'none', coats: [] };
const chosenSchema: z.ZodType<CoatsAnswer> = z.object({
  tests: z.array(z.enum(FOUND_IDS)),
  cleaning: z.array(z.object({ product: z.string(), rinsed: z.boolean() })),
  key: z.enum(KEYS),
  coats: z.array(coatSchema),
});
const MOST_COATS = 6;
const THUMB_SCALE = 16;

interface PartProps {
  task: CoatsTask;
  answer: CoatsAnswer;
  isDone: boolean;
  set(facts: Partial<CoatsAnswer>): void;
}

/** A surface that is not tested yet: tests are made, then cleaner, key and coats are chosen. */
export function CoatsView({ task, given, onAnswer }: ExerciseViewProps<CoatsTask, CoatsAnswer>) {
  const [started, setStarted] = useStarted(chosenSchema, NOTHING_CHOSEN);
  const answer = given ?? started;
  const part: PartProps = {
    task,
    answer,
    isDone: given !== null,
    set: (facts) => given === null && setStarted({ ...answer, ...facts }),
  };
  return (
    <div>
      <Surface task={task} />
      <Tests {...part} />
      <Cleaners {...part} />
      <Section title="Key">
        <ToggleChoice
          label="Key"
          value={answer.key}
          isDisabled={part.isDone}
          choices={KEYS.map((key) => ({ value: key, words: KEY_WORDS[key] }))}
          onChange={(key) => part.set({ key })}
        />
      </Section>
      <Coats {...part} />
      {given === null && (
        <Button
          variant="contained"
          disabled={answer.coats.length === 0}
          onClick={() => onAnswer(answer)}
          sx={{ minHeight: 48 }}
        >
          Check answers
        </Button>
      )}
    </div>
  );
}

/** What is known before anything is tested. */
function Surface({ task: { job } }: { task: CoatsTask }) {
  const localise = useLocalise();
  const [piece] = job.pieces;
  if (!piece) return null;
  const where = Object.values(piece.exposure).includes('outside') ? 'Outside' : 'Inside';
  const built = job.site.yearBuilt === null ? 'age of the house not known' : `house built in ${job.site.yearBuilt}`;
  return (
    <Box sx={{ mb: 3 }}>
      <Sheet>
        <Box sx={{ display: 'flex', gap: 2, alignItems: 'center' }}>
          <PieceThumb piece={piece} fill="var(--bare)" mmPerPixel={THUMB_SCALE} />
          <div>
            <strong>
              {localise(
                `${definitionOf(piece.kind).name}, ${inSentence(SUBSTRATES[piece.surface.substrate].name)}, painted before.`,
              )}
            </strong>
            <div>
              {where}, {built}. Nothing tested yet.
            </div>
          </div>
        </Box>
      </Sheet>
    </Box>
  );
}

/** Tests, each made at a tap; what it shows stays. */
function Tests({ task, answer: { tests }, isDone, set }: PartProps) {
  const localise = useLocalise();
  const spent = tests.reduce((sum, test) => sum + SURFACE_TESTS[test].minutes, 0);
  const made = (test: FoundId): boolean => tests.includes(test);
  return (
    <Section title="Tests" aside={<span>{formatDuration(spent)} spent</span>}>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 0.75 }}>
        {testsIn(task).map((test) => (
          <Box
            component="li"
            key={test}
            sx={{
              display: 'grid',
              gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: '180px minmax(0, 1fr)' },
              gap: 1,
              alignItems: 'center',
            }}
          >
            <Button
              variant="outlined"
              disabled={isDone || made(test)}
              onClick={() => set({ tests: [...tests, test] })}
              sx={{ minHeight: 44, justifyContent: 'flex-start' }}
            >
              {localise(`${FOUND[test].name}, ${SURFACE_TESTS[test].minutes} min`)}
            </Button>
            <span>
              {made(test)
                ? localise(`${SURFACE_TESTS[test].name}: ${inSentence(resultInWords(test, task.truth[test] ?? ''))}.`)
                : ''}
            </span>
          </Box>
        ))}
      </Box>
    </Section>
  );
}

/** Cleaners in the order in which they are used. */
function Cleaners({ task, answer: { cleaning }, isDone, set }: PartProps) {
  const localise = useLocalise();
  const { cleaners } = shelfOf(task.job);
  const offered = cleaners.filter(({ id, archived }) => !archived && !cleaning.some(({ product }) => product === id));
  return (
    <Section title="Cleaners">
      <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 0.5 }}>
        {cleaning.map(({ product, rinsed }) => (
          <Box component="li" key={product} sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap' }}>
            <span>{localise(cleaners.find(({ id }) => id === product)?.name ?? product)}</span>
            <FormControlLabel
              control={
                <Switch
                  checked={rinsed}
                  disabled={isDone}
                  onChange={(event) =>
                    set({
                      cleaning: cleaning.map((each) =>
                        each.product === product ? { ...each, rinsed: event.target.checked } : each,
                      ),
                    })
                  }
                />
              }
              label="rinsed"
            />
            <IconButton
              aria-label="Remove cleaner"
              disabled={isDone}
              onClick={() => set({ cleaning: cleaning.filter((each) => each.product !== product) })}
            >
              <DeleteIcon />
            </IconButton>
          </Box>
        ))}
      </Box>
      <ChoiceField
        label={cleaning.length === 0 ? 'Cleaner' : 'Another cleaner'}
        value=""
        disabled={isDone}
        sx={{ width: 280, maxWidth: '100%' }}
        choices={offered.map(({ id, name }) => ({ value: id, words: name }))}
        onChange={(product) => set({ cleaning: [...cleaning, { product, rinsed: false }] })}
      />
    </Section>
  );
}

const coatingsIn = (job: Job) => shelfOf(job).coatings.filter(({ archived, sprayOnly }) => !archived && !sprayOnly);

/** Coats, the first at the top. */
function Coats({ task, answer: { coats }, isDone, set }: PartProps) {
  const coatings = coatingsIn(task.job);
  const choices = coatings.map(({ id, name }) => ({ value: id, words: name }));
  const laid = (product: string): Coat[] => {
    const coating = coatings.find(({ id }) => id === product);
    return coating ? [usualCoat(coating)] : [];
  };
  return (
    <Section title="Coats">
      <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 1.25 }}>
        {coats.map((coat, index) => (
          <Box
            component="li"
            key={`${index} ${coat.product}`}
            sx={{ display: 'grid', gap: 1, gridTemplateColumns: 'minmax(0, 1fr) 110px 44px', maxWidth: 560 }}
          >
            <ChoiceField
              label={`Coat ${index + 1}`}
              value={coat.product}
              disabled={isDone}
              choices={choices}
              onChange={(product) =>
                set({ coats: coats.flatMap((each, at) => (at === index ? laid(product) : [each])) })
              }
            />
            <ChoiceField
              label="Where"
              value={coat.extent}
              disabled={isDone}
              choices={EXTENTS.map((extent) => ({ value: extent, words: EXTENT_WORDS[extent] }))}
              onChange={(extent) =>
                set({ coats: coats.map((each, at) => (at === index ? { ...each, extent } : each)) })
              }
            />
            <IconButton
              aria-label={`Remove coat ${index + 1}`}
              disabled={isDone}
              onClick={() => set({ coats: coats.filter((_each, at) => at !== index) })}
            >
              <DeleteIcon />
            </IconButton>
          </Box>
        ))}
      </Box>
      {coats.length < MOST_COATS && (
        <ChoiceField
          label="Add a coat"
          value=""
          disabled={isDone}
          sx={{ width: 280, maxWidth: '100%', mt: 1.5 }}
          choices={choices}
          onChange={(product) => set({ coats: [...coats, ...laid(product)] })}
        />
      )}
    </Section>
  );
}
