import { GuideLink } from '../../../parts/GuideLink.tsx';
import { Fold } from '../../../parts/Fold.tsx';
import { TableHead, figures } from '../../../parts/TableHead.tsx';
import Box from '@mui/material/Box';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useMemo, useState } from 'react';
import { takeOffLines, type TakeOffLine } from '../../../../core/quantities/take-off-lines.ts';
import { AREA, VOLUME } from '../../../../core/units/measures.ts';
import { useJob, useLocalise } from '../../../open-job/use-job.ts';
import { partName } from './part-name.ts';
import { ListTable } from '../../../parts/ListTable.tsx';
import { Section } from '../../../parts/Section.tsx';
import { AreaTable } from './AreaTable.tsx';

const right = { textAlign: 'right' } as const;

/** By what the lines of a take-off are summed. */
const SUMS = {
  coat: {
    name: 'coats',
    heading: 'Coat',
    of: ({ use }: TakeOffLine) =>
      `${use.group.name}, coat ${use.number}: ${use.coating.name}${use.colour ? `, ${use.colour.name}` : ''}`,
  },
  element: {
    name: 'elements',
    heading: 'Element',
    of: ({ part, face, use }: TakeOffLine) => `${partName(use.piece.kind, part)}, ${face}`,
  },
  tool: {
    name: 'tools',
    heading: 'Tool',
    of: ({ use }: TakeOffLine) => `${use.coat.tool}: ${use.coating.name}`,
  },
  room: { name: 'pieces', heading: 'Piece', of: ({ use }: TakeOffLine) => `${use.piece.mark}, ${use.face}` },
} as const;
type Sum = keyof typeof SUMS;

/** Paint by area: every element of every face with every coat, summed as one wants to see it; and plain areas. */
export function TakeOffView() {
  const job = useJob();
  const localise = useLocalise();
  const { units } = job.settings;
  const [by, setBy] = useState<Sum>('coat');
  const lines = useMemo(() => takeOffLines(job), [job]);
  const rows = new Map<string, { area: number; litres: number; thinner: number }>();
  for (const line of lines) {
    const key = SUMS[by].of(line);
    const row = rows.get(key) ?? { area: 0, litres: 0, thinner: 0 };
    row.area += line.area;
    row.litres += line.litres;
    row.thinner += (line.litres * line.use.coat.thinning) / 100;
    rows.set(key, row);
  }
  const total = [...rows.values()].reduce((sum, { litres }) => sum + litres, 0);
  return (
    <>
      <Section
        title="Paint by area"
        aside={
          <ToggleButtonGroup
            exclusive
            size="small"
            value={by}
            aria-label="Group by"
            onChange={(_event, next: Sum | null) => next && setBy(next)}
          >
            {Object.entries(SUMS).map(([id, { name }]) => (
              <ToggleButton key={id} value={id}>
                by {name}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
        }
      >
        <ListTable>
          <TableHead
            columns={[SUMS[by].heading, figures('Area × coats'), figures('Litres'), figures('Thinner'), 'Share']}
          />
          <tbody>
            {[...rows].map(([key, { area, litres, thinner }]) => (
              <tr key={key}>
                <th scope="row" style={{ fontWeight: 500, whiteSpace: 'normal' }}>
                  {localise(key)}
                </th>
                <td style={right}>{AREA.format(area, units)}</td>
                <td style={right}>{VOLUME.format(litres, units)}</td>
                <td style={right}>{thinner === 0 ? '–' : VOLUME.format(thinner, units)}</td>
                <td style={{ width: 140 }}>
                  <Box aria-hidden sx={{ height: 8, borderRadius: 4, background: 'var(--line)' }}>
                    <Box
                      sx={{
                        height: 8,
                        borderRadius: 4,
                        width: `${(100 * litres) / Math.max(1e-9, total)}%`,
                        background: 'var(--vial-deep)',
                      }}
                    />
                  </Box>
                </td>
              </tr>
            ))}
          </tbody>
        </ListTable>
        <Fold title="How it’s worked out" summary="area ÷ coverage ÷ transfer">
          <Box component="ul" sx={{ fontSize: 14, display: 'grid', gap: 0.5 }}>
            <li>{localise('Litres = area ÷ coverage ÷ the share that reaches the piece.')}</li>
            <li>Brush 95%, roller 92%. Spray: low pressure 65%, airless 75%, conventional 40%.</li>
            <li>Bare open grain: 15% more on the first coat. Spots: a tenth of the face.</li>
            <li>Losses in tools and the reserve are added in Order.</li>
            <li>
              <GuideLink page="quantities#how-litres-come-about" words="More in the guide" />
            </li>
          </Box>
        </Fold>
      </Section>
      <Fold title="Areas to paint" summary="each piece, by face and edge">
        <AreaTable />
      </Fold>
    </>
  );
}
