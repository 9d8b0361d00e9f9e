import { formatMoment } from '../../../core/units/moments.ts';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useState } from 'react';
import type { Facts } from '../../../core/job/commands/facts.ts';
import { writeHandoverHtml } from '../../../core/exchange/handover-html.ts';
import { writeUpkeepIcs } from '../../../core/exchange/upkeep-ics.ts';
import { careLines } from '../../../core/handover/care.ts';
import { upkeepDates } from '../../../core/handover/upkeep.ts';
import type { Handover } from '../../../core/job/document/handover-schema.ts';
import type { Vocabulary } from '../../../core/units/vocabulary.ts';
import { download, downloadBlob } from '../../device/download.ts';
import { Fold } from '../../parts/Fold.tsx';
import { useCommands, useJob, useNow } from '../../open-job/use-job.ts';
import { Sheet } from '../../parts/Section.tsx';
import { DayIcon, FileIcon, PdfIcon, PrintIcon } from '../../drawing/icons.tsx';
import { BlockView } from './BlockView.tsx';
import { useHandover } from './use-handover.ts';
import { notify } from '../../device/notices.ts';

const WORDS_AS: Readonly<Record<Vocabulary, string>> = { uk: 'UK terms', us: 'US terms' };

/** The handover as it will be read, with everything that it is given out as. */
export function RecordView() {
  const job = useJob();
  const now = useNow();
  const [vocabulary, setVocabulary] = useState<Vocabulary>(job.settings.vocabulary);
  const [isWriting, setIsWriting] = useState(false);
  const { blocks, rows, problem } = useHandover(vocabulary);
  const name =
    job.name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'job';
  const pdf = async (): Promise<void> => {
    setIsWriting(true);
    try {
      const { handoverPdf } = await import('./pdf.ts');
      downloadBlob(`${name}-handover.pdf`, await handoverPdf(blocks));
    } catch (error) {
      notify(`Can’t make the PDF: ${error instanceof Error ? error.message : String(error)}`, {
        variant: 'error',
      });
    } finally {
      setIsWriting(false);
    }
  };
  const calendar = (): void => {
    const dates = upkeepDates(job, (job.handOver.at ?? now).slice(0, 10));
    const text = writeUpkeepIcs(job, { dates, lines: careLines(rows), t0: problem.clocks.t0, stamp: now });
    download(`${name}-upkeep.ics`, text, 'text/calendar');
  };
  return (
    <Box sx={{ maxWidth: 1180 }}>
      <Box className="no-print" sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'center', mb: 2 }}>
        <Button
          variant="contained"
          startIcon={<FileIcon />}
          sx={{ minHeight: 48 }}
          onClick={() =>
            download(
              `${name}-handover.html`,
              writeHandoverHtml(blocks, vocabulary === 'us' ? 'en-US' : 'en-GB'),
              'text/html',
            )
          }
        >
          Save as web page
        </Button>
        <Button
          variant="outlined"
          startIcon={<PdfIcon />}
          sx={{ minHeight: 48 }}
          disabled={isWriting}
          onClick={() => void pdf()}
        >
          {isWriting ? 'Writing the PDF…' : 'PDF'}
        </Button>
        <Button variant="outlined" startIcon={<PrintIcon />} sx={{ minHeight: 48 }} onClick={() => window.print()}>
          Print
        </Button>
        <Button variant="outlined" startIcon={<DayIcon />} sx={{ minHeight: 48 }} onClick={calendar}>
          Maintenance calendar
        </Button>
        <ToggleButtonGroup
          exclusive
          size="small"
          value={vocabulary}
          aria-label="Terms"
          sx={{ ml: { md: 'auto' } }}
          onChange={(_event, next: Vocabulary | null) => next && setVocabulary(next)}
        >
          {(Object.keys(WORDS_AS) as Vocabulary[]).map((id) => (
            <ToggleButton key={id} value={id} sx={{ minHeight: 44, px: 2 }}>
              {WORDS_AS[id]}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
      </Box>
      <Box className="no-print" sx={{ mb: 2 }}>
        <Stated />
      </Box>
      <Box
        component="article"
        aria-label="Handover"
        sx={{
          background: 'var(--sheet)',
          border: '1px solid var(--line)',
          boxShadow: 'var(--shadow)',
          p: { xs: 2, md: 4 },
          '@media print': { border: 0, boxShadow: 'none', p: 0 },
        }}
      >
        {blocks.map((block, index) => (
          <BlockView key={index} block={block} />
        ))}
      </Box>
    </Box>
  );
}

/** What the log can't know: client, touch-up kit, and that it was handed over. */
function Stated() {
  const job = useJob();
  const now = useNow();
  const { apply } = useCommands();
  const { handOver } = job;
  const change = (facts: Facts<Handover>, field: string): void =>
    void apply('change-hand-over', facts, { strokes: `hand-over/${field}` });
  const missing = [
    handOver.owner === '' ? 'client' : null,
    handOver.kit.where === '' ? 'touch-up kit' : null,
    handOver.at === null ? 'not handed over' : null,
  ].filter(Boolean);
  return (
    <Sheet>
      <Fold title="Handover details" summary={missing.length === 0 ? 'complete' : missing.join(', ')}>
        <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { sm: '1fr 1fr' } }}>
          <TextField
            label="Client"
            value={handOver.owner}
            onChange={(event) => change({ owner: event.target.value.slice(0, 80) }, 'owner')}
          />
          <TextField
            label="Work by"
            value={handOver.painter}
            onChange={(event) => change({ painter: event.target.value.slice(0, 80) }, 'painter')}
          />
          <TextField
            label="Touch-up kit kept at"
            value={handOver.kit.where}
            onChange={(event) => change({ kit: { where: event.target.value.slice(0, 120) } }, 'where')}
          />
          <TextField
            label="Also in the kit"
            value={handOver.kit.contents}
            onChange={(event) => change({ kit: { contents: event.target.value.slice(0, 300) } }, 'contents')}
          />
          <TextField
            label="Notes"
            value={handOver.words}
            multiline
            minRows={2}
            sx={{ gridColumn: { sm: '1 / -1' } }}
            onChange={(event) => change({ words: event.target.value.slice(0, 1000) }, 'words')}
          />
        </Box>
        <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}>
          {handOver.at === null ? (
            <Button variant="contained" sx={{ minHeight: 48 }} onClick={() => apply('change-hand-over', { at: now })}>
              Mark as handed over
            </Button>
          ) : (
            <>
              <strong>Handed over {formatMoment(handOver.at, 'dateOfYear')}</strong>
              <Button sx={{ minHeight: 48 }} onClick={() => apply('change-hand-over', { at: null })}>
                Undo
              </Button>
            </>
          )}
        </Box>
      </Fold>
    </Sheet>
  );
}
