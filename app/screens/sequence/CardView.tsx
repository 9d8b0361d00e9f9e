import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import useMediaQuery from '@mui/material/useMediaQuery';
import { useMemo } from 'react';
import { strokeCardSvg } from '../../../core/exchange/stroke-card-svg.ts';
import { download } from '../../device/download.ts';
import { useJob, useLocalise } from '../../open-job/use-job.ts';
import { Caution, Sheet } from '../../parts/Section.tsx';
import { DownloadIcon, PrintIcon } from '../../drawing/icons.tsx';
import { cardOf } from './card-of.ts';
import { PassDrawing } from '../../parts/pass/PassDrawing.tsx';
import { useAirWords } from './PassPicker.tsx';
import type { StrokesView } from './use-strokes.ts';

const SHOWN = { numbers: true, arrows: true, drips: true };

/** One page for pieces of a kind, to print, to save, or to keep on the phone beside the work. */
export function CardView({ view }: { view: StrokesView }) {
  const job = useJob();
  const localise = useLocalise();
  const air = useAirWords(view);
  const isNarrow = useMediaQuery('(max-width: 899px)', { noSsr: true });
  const card = useMemo(() => {
    const told = cardOf(job, view, air);
    return {
      title: localise(told.title),
      subtitle: localise(told.subtitle),
      ways: told.ways.map(localise),
      order: told.order.map(localise),
      notes: told.notes.map(localise),
    };
  }, [job, view, air, localise]);
  const svg = useMemo(() => strokeCardSvg(view.result, card), [view.result, card]);
  const name = `${view.piece.mark.toLowerCase()}-sequence.svg`;
  return (
    <Box>
      <Box className="no-print" sx={{ display: 'flex', gap: 1, mb: 2, flexWrap: 'wrap' }}>
        <Button variant="contained" startIcon={<PrintIcon />} onClick={() => window.print()}>
          Print card
        </Button>
        <Button variant="outlined" startIcon={<DownloadIcon />} onClick={() => download(name, svg, 'image/svg+xml')}>
          Save card
        </Button>
      </Box>
      {isNarrow ? (
        <Box className="no-print">
          <Sheet>
            <Typography variant="h2">{card.title}</Typography>
            <Typography sx={{ color: 'var(--ink-soft)', mb: 1 }}>{card.subtitle}</Typography>
            {card.ways.map((way) => (
              <Typography key={way} sx={{ mb: 0.5 }}>
                {way}
              </Typography>
            ))}
            <Box sx={{ my: 2 }}>
              <PassDrawing
                piece={view.piece}
                result={view.result}
                height={430}
                shown={SHOWN}
                words={`${card.title}, numbered in order`}
              />
            </Box>
            <Box component="ol" aria-label="Painting order" sx={{ display: 'grid', gap: 1 }}>
              {card.order.map((line) => (
                <Box component="li" key={line} sx={{ borderTop: '1px solid var(--line)', pt: 1, fontSize: 16 }}>
                  {line}
                </Box>
              ))}
            </Box>
            <Box sx={{ display: 'grid', gap: 1, mt: 2 }}>
              {card.notes.map((note) => (
                <Caution key={note}>{note}</Caution>
              ))}
            </Box>
          </Sheet>
        </Box>
      ) : null}
      <Box
        role="img"
        aria-label={`The card: ${card.title}. ${card.subtitle}. ${card.order.join('. ')}`}
        sx={{
          display: isNarrow ? 'none' : 'block',
          '@media print': { display: 'block', border: 0, boxShadow: 'none' },
          width: 'fit-content',
          maxWidth: '100%',
          border: '1px solid var(--line)',
          boxShadow: 'var(--shadow)',
          background: '#fff',
          '& svg': { display: 'block', maxWidth: '100%', height: 'auto' },
        }}
        // All words in it are escaped where it is written.
        dangerouslySetInnerHTML={{ __html: svg }}
      />
    </Box>
  );
}
