import { useLocalise } from '../../open-job/use-job.ts';
import { capital } from '../../../core/units/sentence.ts';
import { lapWords } from '../../../core/sequence/order-words.ts';
import { ChoiceField } from '../../parts/fields/ChoiceField.tsx';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import { useMemo, useRef, useState, type Ref } from 'react';
import { EDGE_SCHOOLS } from '../../../core/job/document/stroke-schema.ts';
import { definitionOf } from '../../../core/pieces/registry.ts';
import { clockAt, playedAt, playedSpan } from '../../../core/sequence/playhead.ts';
import { APPLICATION_WORDS, applicationsOf } from '../../../core/sequence/roles.ts';
import {
  simulatePass,
  searchedOrder,
  type PassResult,
  type StrokeSetting,
} from '../../../core/sequence/simulated-pass.ts';
import { EDGES, FACE_ORDERS } from '../../../core/sequence/face-orders.ts';
import { formatDuration } from '../../../core/units/measures.ts';
import { Sheet } from '../../parts/Section.tsx';
import { Vial } from '../../drawing/Vial.tsx';
import { AddIcon, CloseIcon } from '../../drawing/icons.tsx';
import { vialReading } from '../../drawing/vial-reading.ts';
import { PassDrawing, type DrawingHandle } from '../../parts/pass/PassDrawing.tsx';
import { useAirWords } from './PassPicker.tsx';
import { Player } from '../../parts/pass/Player.tsx';
import type { StrokesView } from './use-strokes.ts';
import { WetKey } from '../../parts/pass/WetKey.tsx';

/** One of the orders that are compared: what differs from the setting of the stage. */
interface Candidate {
  id: number;
  change: Pick<StrokeSetting, 'face' | 'edges' | 'application'>;
  order: 'school' | 'best' | 'tried';
}

const ORDERS = [
  { value: 'tried', words: 'as set in Order' },
  { value: 'school', words: 'standard order' },
  { value: 'best', words: 'best order' },
] as const satisfies { value: Candidate['order']; words: string }[];
const MAX_COMPARED = 3;
/** Steps of a search while one waits. */
const STEPS = 4000;
const SHOWN = { numbers: true, arrows: false, drips: false };
const COLOURS = {
  fresh: 'var(--ready)',
  close: 'var(--tacky)',
  'gone-off': 'var(--late)',
  stopped: 'var(--ready)',
} as const;

/** Two or three orders side by side, in the same air, played by one clock. */
export function CompareView({ view }: { view: StrokesView }) {
  const { piece, pass, setting, input } = view;
  const { schools } = definitionOf(piece.kind);
  const air = useAirWords(view);
  const { face, edges, application } = setting;
  const key = `${piece.id}/${pass.id}`;
  const first = useMemo((): Candidate[] => {
    const other = schools.find((school) => school !== face);
    return [
      { id: 1, change: { face, edges, application }, order: 'tried' },
      other
        ? { id: 2, change: { face: other, edges, application }, order: 'school' }
        : { id: 2, change: { face, edges, application }, order: 'best' },
    ];
  }, [schools, face, edges, application]);
  const [changed, setChanged] = useState<{ key: string; candidates: Candidate[] }>({ key: '', candidates: [] });
  const candidates = changed.key === key ? changed.candidates : first;
  const set = (next: Candidate[]): void => setChanged({ key, candidates: next });
  const results = useMemo(
    () =>
      candidates.map(({ change, order }): PassResult => {
        const tried = { ...setting, ...change, order: order === 'tried' ? setting.order : null };
        const found = order === 'best' ? searchedOrder(input, tried, 'within-the-school', STEPS).order : tried.order;
        return simulatePass(input, { ...tried, order: found });
      }),
    [candidates, setting, input],
  );
  const drawings = useRef(new Map<number, DrawingHandle>());
  const longest = results.reduce((most, entry) => (playedSpan(entry) > playedSpan(most) ? entry : most));
  return (
    <Box>
      <Box sx={{ display: 'flex', gap: 3, flexWrap: 'wrap', alignItems: 'center', mb: 1 }}>
        <WetKey />
        <Box sx={{ color: 'var(--ink-soft)', fontSize: 15 }}>
          {air}, {pass.coating.name}
        </Box>
      </Box>
      <Box sx={{ maxWidth: 720, mb: 2 }}>
        <Player
          key={key}
          result={longest}
          onTime={(time) => {
            const minutes = playedAt(longest, time);
            candidates.forEach(({ id }, index) => {
              const own = results[index];
              if (own) drawings.current.get(id)?.show(clockAt(own, minutes));
            });
          }}
        />
      </Box>
      <Box
        component="ul"
        aria-label="Orders side by side"
        sx={{ display: 'grid', gap: 2, gridTemplateColumns: `repeat(auto-fit, minmax(min(100%, 290px), 1fr))` }}
      >
        {candidates.map((candidate, index) => {
          const result = results[index];
          if (!result) return null;
          return (
            <ComparedOrder
              key={candidate.id}
              view={view}
              candidate={candidate}
              result={result}
              name={`Order ${index + 1}`}
              handle={(handle) => {
                if (handle) drawings.current.set(candidate.id, handle);
                else drawings.current.delete(candidate.id);
              }}
              onChange={(next) =>
                set(candidates.map((entry) => (entry.id === candidate.id ? { ...entry, ...next } : entry)))
              }
              onRemove={candidates.length > 2 ? () => set(candidates.filter(({ id }) => id !== candidate.id)) : null}
            />
          );
        })}
      </Box>
      {candidates.length < MAX_COMPARED && (
        <Button
          startIcon={<AddIcon />}
          sx={{ mt: 2 }}
          onClick={() =>
            set([
              ...candidates,
              {
                id: Math.max(...candidates.map(({ id }) => id)) + 1,
                change: { face: schools[2] ?? schools[0], edges, application },
                order: schools[2] ? 'school' : 'best',
              },
            ])
          }
        >
          Add third order
        </Button>
      )}
    </Box>
  );
}

interface CandidateFieldsProps {
  candidate: Candidate;
  view: StrokesView;
  onChange(next: Partial<Candidate>): void;
  onRemove: (() => void) | null;
}

interface ComparedOrderProps extends CandidateFieldsProps {
  result: PassResult;
  name: string;
  handle: Ref<DrawingHandle>;
}

/** One of the orders: what it is, what comes of it, its drawing, and the way to take it. */
function ComparedOrder({ result, name, handle, ...fields }: ComparedOrderProps) {
  const localise = useLocalise();
  const { candidate, view } = fields;
  return (
    <Box component="li" aria-label={name}>
      <Sheet>
        <CandidateFields {...fields} />
        <Figures result={result} />
        <PassDrawing
          ref={handle}
          piece={view.piece}
          result={result}
          height={400}
          shown={SHOWN}
          words={localise(`${FACE_ORDERS[candidate.change.face].name}, numbered`)}
        />
        <Button
          variant="outlined"
          size="small"
          sx={{ mt: 1 }}
          onClick={() =>
            view.change({
              ...candidate.change,
              order: candidate.order === 'school' ? null : result.strokes.map(({ stroke }) => stroke.id),
            })
          }
        >
          Use this order
        </Button>
      </Sheet>
    </Box>
  );
}

function CandidateFields({ candidate: { change, order }, view, onChange, onRemove }: CandidateFieldsProps) {
  const { schools } = definitionOf(view.piece.kind);
  const hasEdges = view.result.strokes.some(({ stroke }) => stroke.role === 'edge');
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <Box sx={{ display: 'flex', gap: 0.5, alignItems: 'center' }}>
        <ChoiceField
          fullWidth
          label="Method"
          value={change.face}
          choices={schools.map((id) => ({ value: id, words: FACE_ORDERS[id].name }))}
          onChange={(chosen) =>
            onChange({
              change: { ...change, face: chosen },
              order: order === 'tried' ? 'school' : order,
            })
          }
        />
        {onRemove && (
          <IconButton aria-label="Remove" onClick={onRemove}>
            <CloseIcon />
          </IconButton>
        )}
      </Box>
      <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: hasEdges ? '1fr 1fr' : '1fr' }}>
        <ChoiceField
          label="Strokes"
          value={order}
          choices={ORDERS.filter(({ value }) => value !== 'tried' || order === 'tried')}
          onChange={(chosen) => onChange({ order: chosen })}
        />
        {hasEdges && (
          <ChoiceField
            label="Edges"
            value={change.edges}
            choices={EDGE_SCHOOLS.map((id) => ({ value: id, words: EDGES[id].name }))}
            onChange={(chosen) => onChange({ change: { ...change, edges: chosen } })}
          />
        )}
      </Box>
      <ChoiceField
        label="Tools"
        value={change.application}
        choices={applicationsOf(view.pass.coating).map((id) => ({ value: id, words: APPLICATION_WORDS[id].name }))}
        onChange={(chosen) => onChange({ change: { ...change, application: chosen } })}
      />
    </Box>
  );
}

function Figures({ result }: { result: PassResult }) {
  const { worst, laps, until, start } = result;
  const gone = laps.filter(({ state }) => state === 'gone-off').length;
  return (
    <Box sx={{ my: 1.5, display: 'grid', gap: 0.5 }} aria-label="Result" role="group">
      {worst ? (
        <>
          <Vial
            reading={vialReading(worst.age, {
              since: 0,
              opens: 0,
              closes: worst.limit === Infinity ? null : worst.limit,
            })}
            words={lapWords(worst)}
          />
          <Box sx={{ fontWeight: 650, color: COLOURS[worst.state] }}>{capital(lapWords(worst))}</Box>
        </>
      ) : (
        <Box sx={{ fontWeight: 650, color: COLOURS.fresh }}>No laps</Box>
      )}
      <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
        {gone === 0 ? 'no' : gone} dry edges · {formatDuration(until - start)}
      </Box>
    </Box>
  );
}
