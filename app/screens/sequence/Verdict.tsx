import { useJob } from '../../open-job/use-job.ts';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { PassResult } from '../../../core/sequence/simulated-pass.ts';
import { LAP_KINDS } from '../../../core/sequence/pass-laps.ts';
import type { Coating } from '../../../core/shelf/coating.ts';
import { counted, capital } from '../../../core/units/sentence.ts';
import { formatDuration, TEMPERATURE } from '../../../core/units/measures.ts';
import { Caution } from '../../parts/Section.tsx';
import { Vial } from '../../drawing/Vial.tsx';
import { vialReading } from '../../drawing/vial-reading.ts';

const COLOURS = { fresh: 'var(--ready)', close: 'var(--tacky)', 'gone-off': 'var(--late)' } as const;

interface VerdictProps {
  result: PassResult;
  coating: Coating;
  /** The air in which it is painted: “Practice room 1, 21 °C and 45 %”. */
  air: string;
  /** What is against painting then. */
  against: readonly string[];
}

/** Whether every lap is met in time, which is the oldest, and by what the open time follows. */
export function Verdict({ result, coating, air, against }: VerdictProps) {
  const { units } = useJob().settings;
  const { worst, laps, openTime, stops } = result;
  const open = openTime === Infinity ? 'It is too cold for it to set' : `Open ${openTime.toFixed(1)} min`;
  const met = `Every lap is met fresh${laps.some(({ state }) => state === 'stopped') ? ' or at a joint' : ''}`;
  const gone = laps.filter(({ state }) => state === 'gone-off').length;
  return (
    <Box role="status" aria-label="Verdict on the laps" sx={{ display: 'grid', gap: 1 }}>
      {worst && worst.state !== 'stopped' ? (
        <>
          <Vial
            size="wide"
            reading={vialReading(worst.age, {
              since: 0,
              opens: 0,
              closes: worst.limit === Infinity ? null : worst.limit,
            })}
            words={`Oldest lap ${worst.age.toFixed(1)} of ${worst.limit.toFixed(1)} min`}
            detail={`Fresh to 0.7 of the open time. The tin says ${coating.openTime} min at ${TEMPERATURE.format(23, units)} and 50 %.`}
          />
          <Typography variant="h2" component="p" sx={{ color: COLOURS[worst.state] }}>
            {worst.state === 'gone-off'
              ? `${counted(gone, 'lap goes', 'laps go')} off`
              : worst.state === 'close'
                ? 'Every lap is wet, the oldest only just'
                : met}
          </Typography>
          <Typography sx={{ fontSize: 15 }}>
            {capital(worst.later.stroke.name)}
            {worst.later.hand.id !== worst.earlier.hand.id && `, ${worst.later.hand.name},`} meets{' '}
            {worst.earlier.stroke.name}
            {worst.later.hand.id !== worst.earlier.hand.id && `, ${worst.earlier.hand.name},`} after{' '}
            {worst.age.toFixed(1)} of {worst.limit === Infinity ? 'endless' : worst.limit.toFixed(1)} min,{' '}
            {LAP_KINDS[worst.lap.kind].name}.
          </Typography>
        </>
      ) : (
        <Typography variant="h2" component="p" sx={{ color: COLOURS.fresh }}>
          {laps.length === 0 ? 'Painted at one go, nothing laps' : met}
        </Typography>
      )}
      <Typography sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
        {open} in {air}. {formatDuration(result.work)} of work, {formatDuration(result.until - result.start)} from first
        stroke to last
        {stops.length > 0 && `, with ${stops.length === 1 ? 'a stop' : `${stops.length} stops`} until it is touch dry`}.
      </Typography>
      {against.length > 0 && (
        <Caution>
          Do not paint in this hour, however long the edge stays wet: {against.join('; ')}. The tin allows{' '}
          {TEMPERATURE.fieldValue(coating.minTemperature, units, 0)} to{' '}
          {TEMPERATURE.brief(coating.maxTemperature, units)} and up to {coating.maxHumidity} %.
        </Caution>
      )}
    </Box>
  );
}
