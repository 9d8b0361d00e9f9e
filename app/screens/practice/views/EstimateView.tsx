import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { z } from 'zod';
import type { Piece } from '../../../../core/job/document/piece-schema.ts';
import { elevationOf } from '../../../../core/job/queries/pieces.ts';
import { ESTIMATES, ESTIMATE_IDS, type EstimateId } from '../../../../core/practising/estimates.ts';
import {
  needsIn,
  sizesIn,
  type EstimateAnswer,
  type EstimateTask,
} from '../../../../core/practising/exercises/estimate.ts';
import { definitionOf } from '../../../../core/pieces/registry.ts';
import { crewPaceWords } from '../../../../core/quantities/pace.ts';
import { shortName } from '../../../../core/shelf/entry.ts';
import { spreadRate } from '../../../../core/shelf/film.ts';
import { formatSize } from '../../../../core/units/length.ts';
import { groupBy } from '../../../../core/units/maps.ts';
import { SPREAD_RATE, VOLUME } from '../../../../core/units/measures.ts';
import type { Outcome } from '../../../../core/units/outcome.ts';
import { capital, counted } from '../../../../core/units/sentence.ts';
import { anyNumber } from '../../../../core/units/typed-number.ts';
import { PieceThumb } from '../../../drawing/elevation/PieceThumb.tsx';
import { useLocalise } from '../../../open-job/use-job.ts';
import { StepperField } from '../../../parts/fields/StepperField.tsx';
import { Section, Sheet } from '../../../parts/Section.tsx';
import type { ExerciseViewProps } from '../exercise-views.ts';
import { useStarted } from '../use-started.ts';

/** As typed, so that what can’t be read stays in its field. */
interface Typed {
  amounts: Record<EstimateId, string>;
  tins: number[];
}

const NOTHING_TYPED: Typed = { amounts: { primer: '', topcoat: '', hours: '' }, tins: [] };
const typedSchema: z.ZodType<Typed> = z.object({
  amounts: z.record(z.enum(ESTIMATE_IDS), z.string()),
  tins: z.array(z.number().int().min(0)),
});

/** What may be estimated: litres and hours. */
const LIMITS = { litres: [0.01, 200], hours: [0.1, 1000] } as const;
const MOST_TINS = 20;
const THUMB_SCALE = 40;

/** Pieces with their coats, of which litres, tins and hours are estimated. */
export function EstimateView({ task, given, onAnswer }: ExerciseViewProps<EstimateTask, EstimateAnswer>) {
  const [typed, setTyped] = useStarted(typedSchema, NOTHING_TYPED);
  const { units } = task.job.settings;
  const sizes = sizesIn(task);
  const money = new Intl.NumberFormat('en-GB', { style: 'currency', currency: task.job.settings.currency });
  const read = (id: EstimateId): Outcome<number> =>
    ESTIMATES[id].in === 'hours'
      ? anyNumber(typed.amounts[id], ...LIMITS.hours)
      : VOLUME.read(typed.amounts[id], LIMITS.litres, units);
  const amounts = Object.fromEntries(
    ESTIMATE_IDS.flatMap((id) => {
      const outcome = read(id);
      return outcome.ok ? [[id, outcome.value]] : [];
    }),
  ) as Partial<EstimateAnswer['amounts']>;
  const isWhole = (all: typeof amounts): all is EstimateAnswer['amounts'] => ESTIMATE_IDS.every((id) => id in all);
  const tins = sizes.map((_size, index) => given?.tins[index] ?? typed.tins[index] ?? 0);
  return (
    <Box sx={{ display: 'grid', gap: 2 }}>
      <Pieces task={task} />
      <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap' }}>
        {ESTIMATE_IDS.map((id) => {
          const outcome = read(id);
          const text = typed.amounts[id];
          const unit = ESTIMATES[id].in === 'hours' ? 'hours' : VOLUME.unitName(units);
          return (
            <TextField
              key={id}
              label={`${ESTIMATES[id].name}, ${unit}`}
              value={text}
              disabled={given !== null}
              error={text !== '' && !outcome.ok}
              helperText={text !== '' && !outcome.ok ? outcome.message : ' '}
              onChange={(event) => setTyped({ ...typed, amounts: { ...typed.amounts, [id]: event.target.value } })}
              slotProps={{ htmlInput: { inputMode: 'decimal' } }}
              sx={{ width: 170 }}
            />
          );
        })}
      </Box>
      <Section title="Tins of topcoat">
        <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 1 }}>
          {sizes.map(({ litres, price }, index) => (
            <Box component="li" key={litres} sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap' }}>
              <StepperField
                label={`${VOLUME.brief(litres, units)} tins`}
                value={tins[index] ?? 0}
                least={0}
                most={MOST_TINS}
                onChange={(count) =>
                  given === null && setTyped({ ...typed, tins: tins.map((each, at) => (at === index ? count : each)) })
                }
              />
              <span>
                {VOLUME.brief(litres, units)}, {money.format(price)} each
              </span>
            </Box>
          ))}
        </Box>
      </Section>
      {given === null && (
        <Button
          variant="contained"
          disabled={!isWhole(amounts)}
          onClick={() => isWhole(amounts) && onAnswer({ amounts, tins })}
          sx={{ minHeight: 48, justifySelf: 'start' }}
        >
          Check estimates
        </Button>
      )}
    </Box>
  );
}

/** What there is to paint, with what, and by whom. */
function Pieces({ task }: { task: EstimateTask }) {
  const localise = useLocalise();
  const { job } = task;
  const { units } = job.settings;
  const alike = [...groupBy(job.pieces, ({ kind, shape }) => `${kind} ${JSON.stringify(shape)}`).values()];
  const { primer, topcoat } = needsIn(task);
  const coats = [primer, topcoat].flatMap((need) => (need ? [need] : []));
  return (
    <Sheet>
      <Box component="ul" aria-label="To paint" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 1.5 }}>
        {alike.map((pieces) => {
          const [first] = pieces;
          return first ? (
            <Box component="li" key={first.id} sx={{ display: 'flex', gap: 1.5, alignItems: 'center' }}>
              <PieceThumb piece={first} fill="var(--bare)" mmPerPixel={THUMB_SCALE} />
              <div>
                <strong>
                  {pieces.length} × {localise(definitionOf(first.kind).name.toLowerCase())}
                </strong>
                <div>{localise(whatOf(first, units))}</div>
              </div>
            </Box>
          ) : null;
        })}
      </Box>
      <Box component="ul" aria-label="Coats" sx={{ m: 0, mt: 1.5, pl: 2.5 }}>
        {coats.map(({ coating, coats: laid }) => (
          <li key={coating.id}>
            {localise(
              `${counted(laid.length, 'coat')} of ${shortName(coating)}. The tin says ${SPREAD_RATE.format(spreadRate(coating.volumeSolids, coating.dryFilm), units)}.`,
            )}
          </li>
        ))}
        <li>{capital(localise(`crew: ${crewPaceWords(job.crew)}.`))}</li>
      </Box>
    </Sheet>
  );
}

function whatOf(piece: Piece, units: EstimateTask['job']['settings']['units']): string {
  const [face] = elevationOf(piece).faces;
  const sides = piece.scope.faces.length === 1 ? 'one side' : 'both sides';
  const edges = piece.scope.edges.length > 0 ? ' and edges' : '';
  const off = piece.comesOff ? ' Comes off, and is hung again.' : '';
  return `${face ? formatSize(face.width, face.height, units) : ''}, ${sides}${edges}.${off}`;
}
