import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { definitionOf } from '../../../core/pieces/registry.ts';
import { USES, type Readiness, type Use } from '../../../core/hanging/readiness.ts';
import { weightOf, TWO_PEOPLE_FROM } from '../../../core/job/queries.ts';
import { localTime } from '../../../core/job/site-time.ts';
import { useJob } from '../../ui/job-context.tsx';
import { Caution } from '../../ui/Section.tsx';
import { Tag } from '../../ui/Tag.tsx';
import { Vial } from '../../ui/Vial.tsx';
import { vialReading } from '../../ui/vial-reading.ts';
import { Bag } from './Bag.tsx';

const USE_WORDS: Readonly<Record<Use, string>> = {
  handle: 'handle',
  rehang: 'hang',
  close: 'close',
  wash: 'wash',
  full: 'use hard',
};

/** One piece on its way back: its bag, what it is ready for next, and all its dates. */
export function HangCard({ row, t0, at }: { row: Readiness; t0: string; at: number }) {
  const { job, say } = useJob();
  const { piece, from, lastCoat, isDone, hung } = row;
  const timeOf = (minutes: number) => localTime(t0, Math.ceil(minutes), job.site.timeZone);
  const when = (minutes: number): string => timeOf(minutes).toFormat('ccc d LLL, HH:mm');
  const next = USES.find((use) => from[use] !== null && (from[use] ?? 0) > at);
  const opens = next ? from[next] : null;
  const uses = USES.filter((use) => from[use] !== null);
  const headline = next && opens !== null ? `${USE_WORDS[next]} from ${when(opens)}` : 'ready for everything';
  return (
    <Box
      component="li"
      aria-label={`${piece.mark}, ${say(definitionOf(piece.kind).name)}`}
      sx={{
        background: 'var(--sheet)',
        border: '1px solid var(--line)',
        borderRadius: '8px',
        boxShadow: 'var(--shadow)',
        p: 2,
        display: 'grid',
        gap: 1.5,
        alignContent: 'start',
      }}
    >
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap' }}>
        <Tag mark={piece.mark} size="large" />
        <Box sx={{ flex: '1 1 120px' }}>
          <Typography variant="h3">{say(definitionOf(piece.kind).name)}</Typography>
          <Typography sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>{piece.note || 'no note'}</Typography>
        </Box>
        {lastCoat !== null && (
          <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.25 }}>
            <Vial
              reading={vialReading(at, { since: lastCoat, opens: opens ?? lastCoat, closes: null })}
              words={headline}
            />
            <Box sx={{ fontSize: 14, fontWeight: 700 }}>{headline}</Box>
          </Box>
        )}
      </Box>
      {lastCoat === null ? (
        <Typography sx={{ color: 'var(--ink-soft)' }}>Its dates come with its build-up and the plan.</Typography>
      ) : (
        <Box
          component="dl"
          aria-label={`Dates of ${piece.mark}`}
          sx={{
            m: 0,
            display: 'grid',
            gridTemplateColumns: { xs: 'repeat(3, minmax(0, 1fr))', sm: `repeat(${uses.length}, minmax(0, 1fr))` },
            borderTop: { sm: '3px solid var(--line)' },
          }}
        >
          {uses.map((use) => {
            const minutes = from[use] ?? 0;
            const isPast = minutes <= at;
            return (
              <Box
                key={use}
                sx={{
                  borderTop: isPast
                    ? '3px solid var(--ready)'
                    : { xs: '3px solid var(--line)', sm: '3px solid transparent' },
                  mt: { sm: '-3px' },
                  pb: { xs: 1, sm: 0 },
                  pt: 0.75,
                  pr: 0.5,
                }}
              >
                <Box component="dt" sx={{ fontWeight: 700, fontSize: 14 }}>
                  {USE_WORDS[use]}
                </Box>
                <Box component="dd" sx={{ m: 0, fontSize: 13.5, color: isPast ? 'var(--ready)' : 'var(--ink-soft)' }}>
                  {isPast ? (
                    'now'
                  ) : (
                    <>
                      <span style={{ whiteSpace: 'nowrap' }}>{timeOf(minutes).toFormat('ccc d LLL,')}</span>{' '}
                      <span style={{ display: 'block' }}>{timeOf(minutes).toFormat('HH:mm')}</span>
                    </>
                  )}
                </Box>
              </Box>
            );
          })}
        </Box>
      )}
      {lastCoat !== null && (
        <Typography sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
          Last coat {isDone ? 'put on' : 'planned for'} {when(lastCoat)}
          {hung && (hung.isDone ? `; hung ${when(hung.at)}` : `; to be hung ${when(hung.at)}`)}.
        </Typography>
      )}
      {weightOf(piece) > TWO_PEOPLE_FROM && piece.comesOff && (
        <Caution>Over {TWO_PEOPLE_FROM} kg: two people to hang it.</Caution>
      )}
      {from.close !== null && from.close > at && hung?.isDone && (
        <Caution>
          Hung, and not to be closed yet: wedge it, or stick bumpers on. A soft coat sticks to the stop and tears.
        </Caution>
      )}
      <Bag piece={piece} />
    </Box>
  );
}
