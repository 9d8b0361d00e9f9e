import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { PieceStep } from '../../../core/planning/piece-steps.ts';
import type { Ripening } from '../../../core/running/ripening.ts';
import { localTime } from '../../../core/job/site-time.ts';
import { formatDuration } from '../../../core/units/quantity.ts';
import { useJob } from '../../ui/job-context.tsx';
import { Sheet } from '../../ui/Section.tsx';
import { Tag } from '../../ui/Tag.tsx';
import { Vial } from '../../ui/Vial.tsx';
import { vialReading } from '../../ui/vial-reading.ts';
import { WetnessKey } from '../../ui/wetness.tsx';

const VERBS = { turn: 'turn', recoat: 'recoat', hang: 'hang', use: 'close' } as const;

interface TouchListProps {
  ripening: readonly Ripening[];
  t0: string;
  at: number;
  onTacky(coated: PieceStep): void;
}

/** Every piece with a coat on it, what ripens next first: its vial, from when it may be touched, and “still tacky”. */
export function TouchList({ ripening, t0, at, onTacky }: TouchListProps) {
  const { job } = useJob();
  if (ripening.length === 0) {
    return (
      <Sheet>
        <Typography>Nothing wet. Every piece may be touched.</Typography>
      </Sheet>
    );
  }
  const when = (minutes: number): string => {
    const time = localTime(t0, Math.ceil(minutes), job.site.timeZone);
    return Math.floor(minutes / 1440) === Math.floor(at / 1440) ? time.toFormat('HH:mm') : time.toFormat('ccc HH:mm');
  };
  return (
    <>
      <Sheet pad={0}>
        <Box component="ul" aria-label="What may be touched" sx={{ listStyle: 'none', p: 0, m: 0 }}>
          {ripening.map((ripe) => {
            const verb = VERBS[ripe.verb];
            const [headline, detail] = wordsOf(ripe, verb, at, when);
            return (
              <Box
                component="li"
                key={ripe.piece.id}
                sx={{
                  display: 'flex',
                  alignItems: 'center',
                  gap: { xs: 1.25, sm: 2 },
                  px: { xs: 1.25, sm: 2 },
                  py: 1,
                  borderBottom: '1px solid var(--line)',
                  '&:last-child': { borderBottom: 0 },
                  minHeight: 60,
                }}
              >
                <Tag mark={ripe.piece.mark} tone={ripe.state === 'ready' ? 'ready' : 'plain'} />
                <Vial
                  reading={vialReading(at, ripe)}
                  words={`${ripe.piece.mark}: ${headline}`}
                  detail={`${ripe.coated.coat?.coating.name ?? ''}, put on ${when(ripe.since)}; touch dry ${when(ripe.touchDry)}; ${verb} from ${when(ripe.opens)}${ripe.closes ? `, abrade again after ${when(ripe.closes)}` : ''}.`}
                />
                <Box sx={{ flex: 1, minWidth: 0 }}>
                  <Box sx={{ fontWeight: 700 }}>{headline}</Box>
                  <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>{detail}</Box>
                </Box>
                {(ripe.state === 'hardening' || ripe.state === 'ready' || ripe.state === 'late') && (
                  <Button
                    variant={ripe.state === 'ready' ? 'outlined' : 'text'}
                    onClick={() => onTacky(ripe.coated)}
                    aria-label={`${ripe.piece.mark} still tacky`}
                    sx={{ minHeight: 48, flex: 'none', px: 1.25, minWidth: 0, lineHeight: 1.15 }}
                  >
                    Still tacky
                  </Button>
                )}
              </Box>
            );
          })}
        </Box>
      </Sheet>
      <Box sx={{ mt: 1.5 }}>
        <WetnessKey states={['wet', 'tacky', 'hardening', 'ready', 'late']} />
      </Box>
    </>
  );
}

function wordsOf(ripe: Ripening, verb: string, at: number, when: (minutes: number) => string): [string, string] {
  switch (ripe.state) {
    case 'wet':
      return ['wet: leave it', `touch dry ${when(ripe.touchDry)}, ${verb} from ${when(ripe.opens)}`];
    case 'tacky':
    case 'hardening':
      if (ripe.opens === Infinity) return ['tacky: leave it', 'too cold here: warm the place'];
      return [`${verb} from ${when(ripe.opens)}`, `${ripe.state}, ${formatDuration(ripe.opens - at)}`];
    case 'ready':
      return [`${verb} now`, ripe.closes === null ? `since ${when(ripe.opens)}` : `until ${when(ripe.closes)}`];
    case 'late':
      return ['abrade first', `its window closed ${when(ripe.closes ?? at)}`];
    case 'cured':
      return ['cured', ''];
  }
}
