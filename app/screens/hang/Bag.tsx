import { ProgressMark } from '../../drawing/ProgressMark.tsx';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useState } from 'react';
import { bagOf } from '../../../core/hanging/bag.ts';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import { capital, listed } from '../../../core/units/sentence.ts';
import { useCommands, useLocalise } from '../../open-job/use-job.ts';
import { AddIcon, RemoveIcon } from '../../drawing/icons.tsx';

type Way = 'in' | 'out';

/** The labelled bag of a piece's hardware, counted in when it comes off, and out again, screw by screw, when it goes back on. */
export function Bag({ piece }: { piece: Piece }) {
  const localise = useLocalise();
  const { apply } = useCommands();
  const bag = bagOf(piece);
  const [way, setWay] = useState<Way>(bag.fitted > 0 ? 'out' : 'in');
  const counted = way === 'in' ? bag.bagged : bag.fitted;
  const field = way === 'in' ? 'bagged' : 'fitted';
  const set = (item: number, number: number): void =>
    void apply('count-hardware', { id: piece.id, item, [field]: number });
  const shortOf = listed(bag.missing.map(({ name, short }) => `${short} × ${localise(name)}`));
  const leftIn = listed(bag.inBag.map(({ name, left }) => `${left} × ${localise(name)}`));
  const missing = bag.count - counted;
  return (
    <Box
      component="section"
      aria-label={`Bag ${piece.mark}`}
      sx={{ background: 'var(--sheet)', border: '1px solid var(--line)', borderRadius: '8px', p: 2 }}
    >
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5, mb: 1, flexWrap: 'wrap' }}>
        <ToggleButtonGroup
          exclusive
          value={way}
          aria-label="Direction"
          onChange={(_event, next: Way | null) => next && setWay(next)}
        >
          <ToggleButton value="in" sx={{ minHeight: 48, px: 2 }}>
            Bagging
          </ToggleButton>
          <ToggleButton value="out" sx={{ minHeight: 48, px: 2 }}>
            Refitting
          </ToggleButton>
        </ToggleButtonGroup>
        <ProgressMark
          width={96}
          share={bag.count === 0 ? 1 : counted / bag.count}
          words={`${counted} of ${bag.count} ${way === 'in' ? 'bagged' : 'refitted'}`}
        />
        <Box sx={{ fontSize: 15, color: missing > 0 ? 'var(--tacky)' : 'var(--ready)', fontWeight: 650 }}>
          {missing > 0 ? `${missing} ${way === 'in' ? 'missing' : 'to refit'}` : 'complete'}
        </Box>
        <Button
          sx={{ ml: 'auto', minHeight: 48 }}
          disabled={missing <= 0}
          onClick={() => piece.hardware.forEach((item, index) => item[field] < item.count && set(index, item.count))}
        >
          {way === 'in' ? 'All bagged' : 'All fitted'}
        </Button>
      </Box>
      {bag.missing.length > 0 && bag.bagged > 0 && (
        <Box role="status" sx={{ color: 'var(--late)', fontWeight: 650, mb: 1 }}>
          {shortOf} missing. Check the floor by the opening and the bags next to it.
        </Box>
      )}
      {way === 'out' && bag.fitted > 0 && bag.inBag.length > 0 && (
        <Box role="status" sx={{ color: 'var(--tacky)', fontWeight: 650, mb: 1 }}>
          Still in the bag: {leftIn}.
        </Box>
      )}
      <Box
        component="ul"
        sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(250px, 1fr))', columnGap: 2 }}
      >
        {piece.hardware.map((item, index) => (
          <Box component="li" key={item.name} sx={{ display: 'flex', alignItems: 'center', fontSize: 15 }}>
            <span style={{ flex: 1 }}>{localise(item.name)}</span>
            <IconButton
              aria-label={
                way === 'in'
                  ? `${capital(localise(item.name))}: one less in bag ${piece.mark}`
                  : `${capital(localise(item.name))}: one less on ${piece.mark}`
              }
              disabled={item[field] === 0}
              onClick={() => set(index, item[field] - 1)}
              sx={{ width: 48, height: 48 }}
            >
              <RemoveIcon />
            </IconButton>
            <Box
              component="span"
              sx={{
                minWidth: 58,
                textAlign: 'center',
                fontWeight: 700,
                color: item[field] < item.count ? 'var(--tacky)' : 'inherit',
              }}
            >
              {item[field]} of {item.count}
            </Box>
            <IconButton
              aria-label={
                way === 'in'
                  ? `${capital(localise(item.name))}: one more in bag ${piece.mark}`
                  : `${capital(localise(item.name))}: one more on ${piece.mark}`
              }
              disabled={item[field] >= item.count}
              onClick={() => set(index, item[field] + 1)}
              sx={{ width: 48, height: 48 }}
            >
              <AddIcon />
            </IconButton>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
