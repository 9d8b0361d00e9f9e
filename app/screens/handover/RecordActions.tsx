import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useState } from 'react';
import type { JobClocks } from '../../../core/clocks/job-clocks.ts';
import { writeHandoverHtml } from '../../../core/exchange/handover-html.ts';
import { fileStem } from '../../../core/exchange/job-file.ts';
import { writeUpkeepIcs } from '../../../core/exchange/upkeep-ics.ts';
import type { Block } from '../../../core/handover/blocks.ts';
import { careLines } from '../../../core/handover/care.ts';
import { upkeepDates } from '../../../core/handover/upkeep.ts';
import type { Readiness } from '../../../core/hanging/readiness.ts';
import type { Vocabulary } from '../../../core/units/vocabulary.ts';
import { download, downloadBlob } from '../../device/download.ts';
import { notify } from '../../device/notices.ts';
import { DayIcon, FileIcon, PdfIcon, PrintIcon } from '../../drawing/icons.tsx';
import { useJob, useNow } from '../../open-job/use-job.ts';

const TERMS: Readonly<Record<Vocabulary, string>> = { uk: 'UK terms', us: 'US terms' };

interface RecordActionsProps {
  blocks: readonly Block[];
  rows: readonly Readiness[];
  clocks: JobClocks;
  vocabulary: Vocabulary;
  onVocabulary(vocabulary: Vocabulary): void;
}

/** The whole record as it is given out: as a web page, as a PDF, on paper; its dates for a calendar; and in which terms. */
export function RecordActions({ blocks, rows, clocks, vocabulary, onVocabulary }: RecordActionsProps) {
  const job = useJob();
  const now = useNow();
  const [isWriting, setIsWriting] = useState(false);
  const name = fileStem(job);
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
  const page = (): void =>
    download(`${name}-handover.html`, writeHandoverHtml(blocks, vocabulary === 'us' ? 'en-US' : 'en-GB'), 'text/html');
  const calendar = (): void => {
    const dates = upkeepDates(job, (job.handOver.at ?? now).slice(0, 10));
    const text = writeUpkeepIcs(job, { dates, lines: careLines(rows), t0: clocks.t0, stamp: now });
    download(`${name}-upkeep.ics`, text, 'text/calendar');
  };
  return (
    <Box className="no-print" sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'center', mb: 2 }}>
      <Button variant="contained" startIcon={<FileIcon />} sx={{ minHeight: 48 }} onClick={page}>
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
        onChange={(_event, next: Vocabulary | null) => next && onVocabulary(next)}
      >
        {(Object.keys(TERMS) as Vocabulary[]).map((id) => (
          <ToggleButton key={id} value={id} sx={{ minHeight: 44, px: 2 }}>
            {TERMS[id]}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
    </Box>
  );
}
