import AddIcon from '@mui/icons-material/Add';
import RemoveIcon from '@mui/icons-material/Remove';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import type { Piece } from '../../../core/job/piece-schema.ts';
import { useJob } from '../../ui/job-context.tsx';
import { Vial } from '../../ui/Vial.tsx';
import { completeness } from '../../ui/vial-reading.ts';

/** The labelled bag of a piece's hardware: what belongs in it, and how much of it was counted in. */
export function Bag({ piece }: { piece: Piece }) {
  const { apply } = useJob();
  const count = piece.hardware.reduce((sum, item) => sum + item.count, 0);
  const bagged = piece.hardware.reduce((sum, item) => sum + Math.min(item.bagged, item.count), 0);
  const set = (item: number, facts: { bagged: number }): void =>
    void apply('count-hardware', { id: piece.id, item, ...facts });
  return (
    <Box
      component="section"
      aria-label={`Bag ${piece.mark}`}
      sx={{ background: 'var(--ground)', borderRadius: '6px', p: 1.5 }}
    >
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5, mb: 0.5 }}>
        <strong>Bag {piece.mark}</strong>
        <Vial
          size="rung"
          reading={completeness(count === 0 ? 1 : bagged / count)}
          words={`${bagged} of ${count} counted in`}
        />
        <Box sx={{ fontSize: 14, color: bagged < count ? 'var(--tacky)' : 'var(--ready)', fontWeight: 650 }}>
          {bagged < count ? `${count - bagged} missing` : 'complete'}
        </Box>
        <Button
          sx={{ ml: 'auto' }}
          size="small"
          disabled={bagged >= count}
          onClick={() =>
            piece.hardware.forEach((item, index) => item.bagged < item.count && set(index, { bagged: item.count }))
          }
        >
          All in
        </Button>
      </Box>
      <Box
        component="ul"
        sx={{
          display: 'grid',
          gridTemplateColumns: 'repeat(auto-fill, minmax(208px, 1fr))',
          columnGap: 2,
        }}
      >
        {piece.hardware.map((item, index) => (
          <Box component="li" key={item.name} sx={{ display: 'flex', alignItems: 'center', fontSize: 15 }}>
            <span style={{ flex: 1 }}>{item.name}</span>
            <IconButton
              aria-label={`One ${item.name} less in the bag of ${piece.mark}`}
              disabled={item.bagged === 0}
              onClick={() => set(index, { bagged: item.bagged - 1 })}
              sx={{ width: 44, height: 44 }}
            >
              <RemoveIcon />
            </IconButton>
            <Box
              component="span"
              sx={{
                minWidth: 58,
                textAlign: 'center',
                fontWeight: 700,
                color: item.bagged < item.count ? 'var(--tacky)' : 'inherit',
              }}
            >
              {item.bagged} of {item.count}
            </Box>
            <IconButton
              aria-label={`One ${item.name} more in the bag of ${piece.mark}`}
              disabled={item.bagged >= item.count}
              onClick={() => set(index, { bagged: item.bagged + 1 })}
              sx={{ width: 44, height: 44 }}
            >
              <AddIcon />
            </IconButton>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
