import { ProgressMark } from '../../drawing/ProgressMark.tsx';
import { formatLength } from '../../../core/units/length.ts';
import { RUN } from '../../../core/units/measures.ts';
import { counted } from '../../../core/units/sentence.ts';
import { ChoiceField } from '../../parts/fields/ChoiceField.tsx';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { labelCode, labelStrip, TAPE } from '../../../core/hanging/label-strip.ts';
import { roomOf } from '../../../core/job/queries/places.ts';
import { definitionOf } from '../../../core/pieces/registry.ts';
import { useTicks } from '../../keeping/device-checks.ts';
import { Code } from '../../parts/codes/Code.tsx';
import { useJob, useLocalise } from '../../open-job/use-job.ts';
import { BagLabelsButton } from '../../parts/labels/BagLabels.tsx';
import { Section, Sheet } from '../../parts/Section.tsx';
import { Tag } from '../../parts/Tag.tsx';

/** Px for a mm of tape on the screen. */
const SCALE = 2.6;

/** Labels on sheets, and on the strip of a label printer, which is a stand-in and says so. */
export function LabelPrinter() {
  const job = useJob();
  const localise = useLocalise();
  const { units } = job.settings;
  const metres = (millimetres: number): string => RUN.format(millimetres / 1000, units, 1);
  const [roomId, setRoomId] = useState('');
  const [printed, setPrinted] = useTicks(job.id, 'labels-printed');
  const [fed, setFed] = useTicks(job.id, 'tape-used');
  const bagged = job.pieces.filter(
    ({ hardware, roomId: own }) => hardware.length > 0 && (roomId === '' || own === roomId),
  );
  const open = bagged.filter(({ id }) => !printed.has(id));
  const used = [...fed].reduce((sum, entry) => sum + Number(entry.split('/')[1] ?? 0), 0);
  const left = Math.max(0, TAPE.roll - used);
  const { labels, waiting, used: asked } = labelStrip(open, left);
  const print = (): void => {
    setFed([`${fed.size + 1}/${asked}`], true);
    setPrinted(
      labels.map(({ piece }) => piece.id),
      true,
    );
  };
  return (
    <Box sx={{ maxWidth: 1100 }}>
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap', mb: 3 }}>
        <ChoiceField
          label="Labels for"
          value={roomId}
          sx={{ minWidth: 220 }}
          choices={[
            { value: '', words: 'All rooms' },
            ...job.rooms.map(({ id, name }) => ({ value: id, words: name })),
          ]}
          onChange={setRoomId}
        />
        <BagLabelsButton pieces={bagged} />
      </Box>
      <Section
        title="Label printer"
        aside={<Box sx={{ color: 'var(--ink-soft)' }}>demo printer: prints to this screen only</Box>}
      >
        <Sheet>
          <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap', mb: 2 }}>
            <ProgressMark width={96} share={left / TAPE.roll} words={`${metres(left)} of tape left on the roll`} />
            <strong>
              {metres(left)} of {formatLength(TAPE.width, units)} tape left
            </strong>
            <Button variant="contained" sx={{ minHeight: 48 }} disabled={labels.length === 0} onClick={print}>
              {labels.length === 0 ? 'All printed' : `Print ${counted(labels.length, 'label')}, ${metres(asked)}`}
            </Button>
            {waiting.length > 0 && (
              <Button variant="outlined" sx={{ minHeight: 48 }} onClick={() => setFed([...fed], false)}>
                New roll in – print the other {waiting.length}
              </Button>
            )}
            {printed.size > 0 && (
              <Button sx={{ minHeight: 48 }} onClick={() => setPrinted([...printed], false)}>
                Reprint
              </Button>
            )}
          </Box>
          <Box sx={{ overflowX: 'auto', background: '#3b4746', p: 1.5, borderRadius: '6px' }}>
            <Box
              component="ul"
              aria-label="On the strip"
              sx={{
                display: 'flex',
                gap: `${TAPE.feed * SCALE}px`,
                width: 'max-content',
                minHeight: TAPE.width * SCALE,
              }}
            >
              {labels.slice(0, 24).map(({ piece, length }) => (
                <Box
                  component="li"
                  key={piece.id}
                  aria-label={`Label ${piece.mark}`}
                  sx={{
                    width: length * SCALE,
                    height: TAPE.width * SCALE,
                    background: '#fff',
                    color: '#000',
                    borderRadius: '3px',
                    p: 1,
                    display: 'grid',
                    gridTemplateRows: 'auto auto 1fr',
                    gap: 0.25,
                    overflow: 'hidden',
                    '--ink': '#000',
                    '--sheet': '#fff',
                    '--ground': '#fff',
                  }}
                >
                  <Box sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'start' }}>
                    <Tag mark={piece.mark} />
                    <Code text={labelCode(job.id, piece)} label={`Code of ${piece.mark}`} size={58} />
                  </Box>
                  <Box sx={{ fontSize: 13, lineHeight: 1.2 }}>
                    {localise(definitionOf(piece.kind).name)}, {roomOf(job, piece)?.name}
                  </Box>
                  <Box sx={{ fontSize: 13, lineHeight: 1.2 }}>
                    {piece.hardware.map((item) => `${item.count} × ${localise(item.name)}`).join(' · ')}
                  </Box>
                </Box>
              ))}
            </Box>
          </Box>
          {labels.length > 24 && (
            <Box sx={{ mt: 1, color: 'var(--ink-soft)' }}>and {labels.length - 24} more on the strip</Box>
          )}
        </Sheet>
      </Section>
    </Box>
  );
}
