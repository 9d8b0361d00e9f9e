import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { PrintDialog } from '../PrintDialog.tsx';
import { useState } from 'react';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import { roomOf } from '../../../core/job/queries/places.ts';
import { definitionOf } from '../../../core/pieces/registry.ts';
import { labelCode } from '../../../core/hanging/label-strip.ts';
import { Code } from '../codes/Code.tsx';
import { useJob, useLocalise } from '../../open-job/use-job.ts';
import { Tag } from '../Tag.tsx';
import { PrintIcon } from '../../drawing/icons.tsx';

/** Shows and prints the labels of pieces' bags. */
export function BagLabelsButton({ pieces }: { pieces: readonly Piece[] }) {
  const [open, setOpen] = useState(false);
  const bagged = pieces.filter(({ hardware }) => hardware.length > 0);
  const words = bagged.length === 1 ? 'Bag label' : `${bagged.length} bag labels`;
  return (
    <>
      <Button
        variant="outlined"
        startIcon={<PrintIcon />}
        disabled={bagged.length === 0}
        onClick={() => setOpen(true)}
        sx={{ justifySelf: 'start' }}
      >
        {words}
      </Button>
      <PrintDialog open={open} title={words} onClose={() => setOpen(false)}>
        <Box
          component="ul"
          sx={{
            display: 'grid',
            gridTemplateColumns: 'repeat(auto-fill, 90mm)',
            gap: '4mm',
            justifyContent: 'center',
          }}
        >
          {bagged.map((piece) => (
            <BagLabel key={piece.id} piece={piece} />
          ))}
        </Box>
      </PrintDialog>
    </>
  );
}

/** One label: the piece's tag, where it hangs, its code, and every part with its number to be ticked. */
export function BagLabel({ piece }: { piece: Piece }) {
  const job = useJob();
  const localise = useLocalise();
  return (
    <Box
      component="li"
      aria-label={`Label of bag ${piece.mark}`}
      sx={{
        width: '90mm',
        minHeight: '50mm',
        border: '1px dashed var(--line)',
        borderRadius: '3mm',
        background: '#fff',
        color: '#18292b',
        p: '4mm',
        display: 'grid',
        gap: '2mm',
        alignContent: 'start',
        breakInside: 'avoid',
      }}
    >
      <Box
        sx={{
          display: 'flex',
          gap: '4mm',
          alignItems: 'center',
          '--ink': '#18292b',
          '--sheet': '#fff',
          '--ground': '#fff',
        }}
      >
        <Tag mark={piece.mark} size="large" />
        <Box sx={{ lineHeight: 1.25 }}>
          <strong>{localise(definitionOf(piece.kind).name)}</strong>
          <br />
          {[roomOf(job, piece)?.name, piece.note].filter(Boolean).join(', ')}
        </Box>
        <Box sx={{ ml: 'auto' }}>
          <Code text={labelCode(job.id, piece)} label={`Code of ${piece.mark}`} size="19mm" />
        </Box>
      </Box>
      <Box component="ul" sx={{ columns: 2, columnGap: '5mm', fontSize: 14 }}>
        {piece.hardware.map((item) => (
          <Box component="li" key={item.name} sx={{ display: 'flex', gap: 1, breakInside: 'avoid' }}>
            <span aria-hidden>☐</span>
            <span>
              <strong>{item.count}</strong> {localise(item.name)}
            </span>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
