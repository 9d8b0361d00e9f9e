import { useLocalise } from '../../open-job/use-job.ts';
import { ChoiceField } from '../fields/ChoiceField.tsx';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import Slider from '@mui/material/Slider';
import { useEffect, useEffectEvent, useImperativeHandle, useState, type Ref } from 'react';
import { clockAt, playedAt, playedSpan, strokeAt } from '../../../core/sequence/playhead.ts';
import type { PassResult } from '../../../core/sequence/simulated-pass.ts';
import { formatDuration } from '../../../core/units/measures.ts';
import { useFrames } from './use-frames.ts';
import { NextIcon, PauseIcon, PlayIcon, PreviousIcon } from '../../drawing/icons.tsx';

/** Goes to a time on the pass's clock. */
export interface PlayerHandle {
  goTo(time: number): void;
}

interface PlayerProps {
  result: PassResult;
  /** Told of every time that is shown, on the pass's clock. */
  onTime(time: number): void;
  ref?: Ref<PlayerHandle>;
}

/** A whole pass takes about so many seconds, at each of these paces. */
const PACES = { slowly: 90, steadily: 24, quickly: 8 } as const;

/** Plays a pass, pauses, steps from stroke to stroke, and goes to any time. */
export function Player({ result, onTime, ref }: PlayerProps) {
  const localise = useLocalise();
  const span = playedSpan(result);
  const [minutes, setMinutes] = useState(0);
  const [isPlaying, setIsPlaying] = useState(false);
  const [pace, setSpeed] = useState<keyof typeof PACES>('steadily');
  const at = Math.min(minutes, span);
  const time = clockAt(result, at);
  const tell = useEffectEvent(onTime);
  useEffect(() => tell(time), [time, result]);

  useFrames(isPlaying, (seconds) => {
    const next = at + (seconds * span) / PACES[pace];
    setMinutes(Math.min(span, next));
    if (next >= span) setIsPlaying(false);
  });

  const goTo = (to: number): void => {
    setIsPlaying(false);
    setMinutes(Math.max(0, Math.min(span, playedAt(result, to))));
  };
  useImperativeHandle(ref, () => ({ goTo }));
  const here = at > 0 ? strokeAt(result, time) : null;
  const beginnings = result.strokes.map(({ from }) => from);
  const words = here
    ? localise(`${at.toFixed(1)} min: ${here.number}, ${here.stroke.name}`)
    : `before the first stroke (${span.toFixed(1)} min in all)`;
  return (
    <Box
      component="section"
      aria-label="Play the strokes"
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'auto minmax(0, 1fr)', sm: 'auto minmax(0, 1fr) 118px' },
        alignItems: 'center',
        columnGap: 2,
      }}
    >
      <Box sx={{ display: 'flex' }}>
        <IconButton
          aria-label="Previous stroke"
          onClick={() => goTo(Math.max(result.start, ...beginnings.filter((from) => from < time - 0.01)))}
        >
          <PreviousIcon />
        </IconButton>
        <IconButton
          aria-label={isPlaying ? 'Pause' : 'Play'}
          onClick={() => {
            if (!isPlaying && at >= span) setMinutes(0);
            setIsPlaying(!isPlaying);
          }}
          sx={{
            background: 'var(--bottle)',
            color: 'var(--on-bottle)',
            width: 48,
            height: 48,
            '&:hover': { background: 'var(--bottle-deep)' },
          }}
        >
          {isPlaying ? <PauseIcon /> : <PlayIcon />}
        </IconButton>
        <IconButton
          aria-label="Next stroke"
          onClick={() => goTo(Math.min(result.until, ...beginnings.filter((from) => from > time + 0.01)))}
        >
          <NextIcon />
        </IconButton>
      </Box>
      <Slider
        aria-label="Time since the first stroke"
        value={at}
        min={0}
        max={span}
        step={span / 1000}
        getAriaValueText={() => words}
        onChange={(_event, value) => {
          setIsPlaying(false);
          setMinutes(value);
        }}
        sx={{ color: 'var(--bottle)' }}
      />
      <ChoiceField
        size="small"
        label="Speed"
        value={pace}
        sx={{ gridColumn: { xs: '1', sm: '3' }, maxWidth: 118 }}
        choices={(Object.keys(PACES) as (keyof typeof PACES)[]).map((id) => ({ value: id, words: id }))}
        onChange={setSpeed}
      />
      <Box
        sx={{
          gridColumn: { xs: '2', sm: '1 / -1' },
          fontSize: 15,
          minHeight: 44,
          display: 'flex',
          alignItems: 'center',
          gap: 1,
          minWidth: 0,
        }}
      >
        <Box component="span" className="condensed" sx={{ fontSize: 20, flex: 'none' }}>
          {formatDuration(at)}
        </Box>
        <Box component="span" sx={{ color: 'var(--ink-soft)', lineHeight: 1.25 }}>
          {here
            ? localise(`${here.number}. ${here.stroke.name}`) +
              (result.strokes.some(({ hand }) => hand.id !== here.hand.id) ? `, ${here.hand.name}` : '')
            : `of ${formatDuration(span)}`}
        </Box>
      </Box>
    </Box>
  );
}
