import Box from '@mui/material/Box';
import { useEffect, useMemo, useRef, type PointerEvent } from 'react';
import type { Piece } from '../../../../../core/job/document/piece-schema.ts';
import type { Point } from '../../../../../core/pieces/elevation.ts';
import { sweptStrokes, tappedStroke, tapTargets } from '../../../../../core/sequence/tapped-stroke.ts';
import type { PassResult } from '../../../../../core/sequence/simulated-pass.ts';
import { Hands } from '../../../../parts/pass/Hands.tsx';
import { LapMarks } from '../../../../parts/pass/LapMarks.tsx';
import { PassSheet } from '../../../../parts/pass/PassSheet.tsx';
import { Replay } from '../../../../parts/pass/Replay.ts';
import { useFrames } from '../../../../parts/pass/use-frames.ts';
import { usePassLayout } from '../../../../parts/pass/use-pass-layout.ts';

/** Minutes of painting in a second by the clock. */
const PACE = 1;
/** Without a clock what is shown comes after what was tapped by this share of the rest in a second, and at least so fast. */
const CATCHES_UP = 9;
const MINUTES_A_SECOND = 12;
/** A thumb that has moved less than this, in px, taps; else it sweeps. */
const SWEEPS_FROM = 8;
const HEIGHT = 440;

interface PaintingDrawingProps {
  piece: Piece;
  /** What is painted so far. */
  result: PassResult;
  /** Whether time goes on by itself. */
  isTimed: boolean;
  isOpen(id: string): boolean;
  words: string;
  /** Parts that a thumb tapped or swept over, in that order. */
  onPaint(ids: readonly string[]): void;
  /** Told of every time that is shown, on the pass’s clock. */
  onTime(time: number): void;
}

/**
 * A pass that is painted by tapping and sweeping, its wet edges drawn frame by frame: a frame writes only the attributes
 * of what has changed, so that a long railing is as smooth as a door.
 */
export function PaintingDrawing({ piece, result, isTimed, isOpen, words, onPaint, onTime }: PaintingDrawingProps) {
  const { pass, start, until } = result;
  const svg = useRef<SVGSVGElement>(null);
  const { box, layout } = usePassLayout(pass, HEIGHT);
  const targets = useMemo(() => (layout ? tapTargets(layout, pass.strokes) : []), [layout, pass]);
  const replay = useRef<Replay | null>(null);
  const shown = useRef(until);
  useEffect(() => {
    if (svg.current && layout) replay.current = new Replay(svg.current, 'queued');
  }, [layout]);
  useEffect(() => {
    replay.current?.take(result);
    replay.current?.show(shown.current);
  }, [layout, result]);
  useFrames(true, (seconds) => {
    if (until === start) shown.current = start;
    else if (isTimed) shown.current += seconds * PACE;
    else {
      const gap = until - shown.current;
      const step = seconds * Math.max(MINUTES_A_SECOND, Math.abs(gap) * CATCHES_UP);
      shown.current += Math.sign(gap) * Math.min(Math.abs(gap), step);
    }
    replay.current?.show(shown.current);
    onTime(shown.current);
  });

  const thumb = useRef<{ at: Point; isSweeping: boolean } | null>(null);
  const pointOf = (event: PointerEvent<SVGSVGElement>): Point => {
    const { left, top } = event.currentTarget.getBoundingClientRect();
    return [event.clientX - left, event.clientY - top];
  };
  const onPointerMove = (event: PointerEvent<SVGSVGElement>): void => {
    const from = thumb.current;
    if (!from) return;
    const at = pointOf(event);
    const isSweeping = from.isSweeping || Math.hypot(at[0] - from.at[0], at[1] - from.at[1]) >= SWEEPS_FROM;
    if (!isSweeping) return;
    const swept = sweptStrokes(targets, isOpen, from.at, at);
    thumb.current = { at, isSweeping };
    if (swept.length > 0) onPaint(swept);
  };
  const onPointerUp = (): void => {
    const from = thumb.current;
    thumb.current = null;
    if (!from || from.isSweeping) return;
    const id = tappedStroke(targets, isOpen, from.at);
    if (id !== null) onPaint([id]);
  };
  return (
    <Box ref={box} sx={{ minWidth: 0, minHeight: 120, userSelect: 'none' }}>
      {layout && (
        <PassSheet
          ref={svg}
          layout={layout}
          piece={piece}
          strokes={pass.strokes}
          isNumbered={false}
          words={words}
          // Up and down scrolls the page; across is a sweep.
          style={{ touchAction: 'pan-y', cursor: 'pointer' }}
          onPointerDown={(event) => {
            if (event.button !== 0) return;
            event.currentTarget.setPointerCapture(event.pointerId);
            thumb.current = { at: pointOf(event), isSweeping: false };
          }}
          onPointerMove={onPointerMove}
          onPointerUp={onPointerUp}
          onPointerCancel={() => {
            thumb.current = null;
          }}
        >
          <LapMarks layout={layout} result={result} isNumbered={false} isLive />
          <Hands result={result} />
        </PassSheet>
      )}
    </Box>
  );
}
