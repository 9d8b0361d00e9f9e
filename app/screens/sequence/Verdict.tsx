import { lapWords } from '../../../core/sequence/order-words.ts';
import { useJob, useLocalise } from '../../open-job/use-job.ts';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { edgeAccount } from '../../../core/sequence/edge-account.ts';
import { LAP_KINDS } from '../../../core/sequence/pass-laps.ts';
import { counted, capital } from '../../../core/units/sentence.ts';
import { formatDuration, TEMPERATURE } from '../../../core/units/measures.ts';
import { How } from '../../parts/How.tsx';
import { Caution } from '../../parts/Section.tsx';
import { Vial } from '../../drawing/Vial.tsx';
import type { StrokesView } from './use-strokes.ts';
import { vialReading } from '../../drawing/vial-reading.ts';

const COLOURS = { fresh: 'var(--ready)', close: 'var(--tacky)', 'gone-off': 'var(--late)' } as const;

interface VerdictProps {
  view: Pick<StrokesView, 'result' | 'input' | 'setting' | 'against'>;
  /** The air in which it is painted: “Practice room 1, 21 °C and 45 %”. */
  air: string;
}

/** Whether every lap is met in time, which is the oldest, and by what the open time follows. */
export function Verdict({ view: { result, input, setting, against }, air }: VerdictProps) {
  const localise = useLocalise();
  const { units } = useJob().settings;
  const { coating } = input;
  const { worst, laps, openTime, stops } = result;
  const open = openTime === Infinity ? 'Too cold to set' : `Wet edge ${openTime.toFixed(1)} min`;
  const met = `Edges stay wet${laps.some(({ state }) => state === 'stopped') ? ', or stop at a joint' : ''}`;
  const gone = laps.filter(({ state }) => state === 'gone-off').length;
  return (
    <Box role="status" aria-label="Wet edge" sx={{ display: 'grid', gap: 1 }}>
      {worst && worst.state !== 'stopped' ? (
        <>
          <Vial
            size="wide"
            reading={vialReading(worst.age, {
              since: 0,
              opens: 0,
              closes: worst.limit === Infinity ? null : worst.limit,
            })}
            words={lapWords(worst)}
            detail={`Fresh up to 70% of the open time. Tin: ${coating.openTime} min at ${TEMPERATURE.format(23, units)}, 50% RH.`}
          />
          <Typography variant="h2" component="p" sx={{ color: COLOURS[worst.state] }}>
            {worst.state === 'gone-off'
              ? `${counted(gone, 'edge dries', 'edges dry')} too soon`
              : worst.state === 'close'
                ? 'Edges stay wet – one only just'
                : met}
          </Typography>
          <Typography sx={{ fontSize: 15 }}>
            {localise(capital(worst.later.stroke.name))}
            {worst.later.hand.id !== worst.earlier.hand.id && ` (${worst.later.hand.name})`} meets{' '}
            {localise(worst.earlier.stroke.name)}
            {worst.later.hand.id !== worst.earlier.hand.id && ` (${worst.earlier.hand.name})`},{' '}
            {LAP_KINDS[worst.lap.kind].name}: {lapWords(worst)}.
          </Typography>
        </>
      ) : (
        <Typography variant="h2" component="p" sx={{ color: COLOURS.fresh }}>
          {laps.length === 0 ? 'Painted in one go, no laps' : met}
        </Typography>
      )}
      <Typography sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
        {open} · takes {formatDuration(result.until - result.start)}
        {stops.length > 0 && `, with ${counted(stops.length, 'stop')} until touch dry`} · {air}{' '}
        <How of={open} lines={() => edgeAccount(input, setting, result, units)} page="sequence" />
      </Typography>
      {against.length > 0 && (
        <Caution>
          Don’t paint at this hour: {against.join(', ')}. Tin:{' '}
          {TEMPERATURE.fieldValue(coating.minTemperature, units, 0)}–{TEMPERATURE.brief(coating.maxTemperature, units)},
          up to {coating.maxHumidity}% RH.
        </Caution>
      )}
    </Box>
  );
}
