import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { memo, useState } from 'react';
import { marksInWords } from '../../../core/job/marks.ts';
import type { PieceStep } from '../../../core/steps/step.ts';
import type { DryingPiece } from '../../../core/running/drying-status.ts';
import { forecastAt } from '../../../core/job/site-time.ts';
import { formatDuration } from '../../../core/units/measures.ts';
import { useJob } from '../../open-job/use-job.ts';
import { Sheet } from '../../parts/Section.tsx';
import { Tag } from '../../parts/Tag.tsx';
import { Vial } from '../../drawing/Vial.tsx';
import { vialReading } from '../../drawing/vial-reading.ts';
import { WetnessKey } from '../../drawing/wetness.tsx';

const VERBS = {
  turn: 'turn',
  'other-side': 'paint the other side',
  recoat: 'recoat',
  'put-right': 'make good',
  hang: 'hang',
  use: 'close',
} as const;

interface TouchListProps {
  dryingPieces: readonly DryingPiece[];
  t0: string;
  at: number;
  onTacky(coated: PieceStep): void;
}

/** A forecast moment, or the end of a window. */
type When = (minutes: number, isEnd?: boolean) => string;

/** What opens later than this from now is not work of the day, and is folded together. Minutes. */
const FOLDED_AFTER = 12 * 60;

/** Every piece with a coat on it, what ripens next first: its vial, from when it may be touched, and “still tacky”. */
export const TouchList = memo(function TouchList({ dryingPieces, t0, at, onTacky }: TouchListProps) {
  const job = useJob();
  const [isUnfolded, setIsUnfolded] = useState(false);
  if (dryingPieces.length === 0) {
    return (
      <Sheet>
        <Typography>Nothing’s drying. All pieces are safe to handle.</Typography>
      </Sheet>
    );
  }
  const when: When = (minutes, isEnd) => forecastAt(t0, minutes, job.site.timeZone, at, isEnd);
  const resting = dryingPieces.filter(({ state, opens }) => state === 'hardening' && opens - at > FOLDED_AFTER);
  const isFolded = !isUnfolded && resting.length > 2;
  const [firstResting] = resting;
  const shown = isFolded ? dryingPieces.filter((drying) => !resting.includes(drying)) : dryingPieces;
  return (
    <>
      <Sheet pad={0}>
        <Box component="ul" aria-label="What’s dry">
          {shown.map((drying) => (
            <TouchRow key={drying.piece.id} drying={drying} at={at} when={when} onTacky={onTacky} />
          ))}
        </Box>
        {isFolded && firstResting && (
          <Box
            component="button"
            type="button"
            onClick={() => setIsUnfolded(true)}
            sx={{
              display: 'block',
              width: '100%',
              minHeight: 60,
              px: 2,
              py: 1.25,
              border: 0,
              borderTop: shown.length > 0 ? '1px solid var(--line)' : 0,
              background: 'none',
              color: 'inherit',
              font: 'inherit',
              textAlign: 'left',
              cursor: 'pointer',
            }}
          >
            <strong>
              {resting.length} {shown.length > 0 ? 'more' : ''} still curing:{' '}
              {resting.every(({ verb }) => verb === 'use') ? 'keep open until' : 'leave until'}{' '}
              {when(firstResting.opens)}
            </strong>
            <Box component="span" sx={{ display: 'block', fontSize: 14, color: 'var(--ink-soft)' }}>
              {marksInWords(resting.map(({ piece }) => piece.mark))} · show all
            </Box>
          </Box>
        )}
      </Sheet>
      <Box sx={{ mt: 1.5 }}>
        <WetnessKey states={['wet', 'tacky', 'hardening', 'ready', 'late']} />
      </Box>
    </>
  );
});

interface TouchRowProps {
  drying: DryingPiece;
  at: number;
  when: When;
  onTacky(coated: PieceStep): void;
}

/** Minutes before a window closes from which it is drawn: before that its date says enough. */
const WINDOW_IS_NEWS = 3 * 24 * 60;

/** On a phone the vial stands under the words, so that neither is squeezed. */
const ROW_AREAS = { xs: '"tag words act" "vial vial act"', sm: '"tag vial words act"' };

function TouchRow({ drying, at, when, onTacky }: TouchRowProps) {
  const verb = VERBS[drying.verb];
  const [headline, detail] = dryingWords(drying, verb, at, when);
  const mayBeTacky = drying.state === 'hardening' || drying.state === 'ready' || drying.state === 'late';
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateAreas: ROW_AREAS,
        gridTemplateColumns: { xs: 'auto minmax(0, 1fr) auto', sm: 'auto auto minmax(0, 1fr) auto' },
        alignItems: 'center',
        columnGap: { xs: 1.5, sm: 2 },
        rowGap: 0.75,
        px: 2,
        py: 1,
        borderBottom: '1px solid var(--line)',
        '&:last-child': { borderBottom: 0 },
        minHeight: 60,
      }}
    >
      <Box sx={{ gridArea: 'tag' }}>
        <Tag mark={drying.piece.mark} tone={drying.state === 'ready' ? 'ready' : 'plain'} />
      </Box>
      {drying.closes !== null && drying.closes - at < WINDOW_IS_NEWS && (
        <Box sx={{ gridArea: 'vial' }}>
          <Vial
            reading={vialReading(at, drying)}
            words={`${drying.piece.mark}: ${headline}`}
            detail={`${drying.coated.coat.coating.name}: painted ${when(drying.since)}, touch dry ${when(drying.touchDry)}, ${verb} from ${when(drying.opens)}${drying.closes ? ` (after ${when(drying.closes, true)}, sand first)` : ''}.`}
          />
        </Box>
      )}
      <Box sx={{ gridArea: 'words' }}>
        <Box sx={{ fontWeight: 700 }}>{headline}</Box>
        <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>{detail}</Box>
      </Box>
      {mayBeTacky && (
        <Button
          variant={drying.state === 'ready' ? 'outlined' : 'text'}
          onClick={() => onTacky(drying.coated)}
          aria-label={`${drying.piece.mark} still tacky`}
          sx={{ gridArea: 'act', minHeight: 48, px: 1.25, minWidth: 0, lineHeight: 1.15 }}
        >
          Still tacky
        </Button>
      )}
    </Box>
  );
}

function dryingWords(drying: DryingPiece, verb: string, at: number, when: When): [string, string] {
  switch (drying.state) {
    case 'wet':
      return ['wet: leave it', `touch dry ${when(drying.touchDry)}, ${verb} from ${when(drying.opens)}`];
    case 'tacky':
    case 'hardening':
      if (drying.opens === Infinity) return ['tacky: leave it', 'too cold to dry: warm the room'];
      return [
        `${verb} from ${when(drying.opens)}`,
        `${drying.state === 'hardening' ? 'curing' : drying.state}, ${formatDuration(drying.opens - at)}`,
      ];
    case 'ready':
      return [
        `${verb} now`,
        drying.closes === null ? `since ${when(drying.opens)}` : `until ${when(drying.closes, true)}`,
      ];
    case 'late':
      return ['sand first', `recoat window closed ${when(drying.closes ?? at)}`];
    case 'cured':
      return ['cured', ''];
  }
}
