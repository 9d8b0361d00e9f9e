import { TableHead, figures } from '../../../parts/TableHead.tsx';
import Box from '@mui/material/Box';
import { definitionOf } from '../../../../core/pieces/registry.ts';
import { takeOff } from '../../../../core/quantities/take-off.ts';
import { AREA } from '../../../../core/units/measures.ts';
import { useJob, useLocalise } from '../../../open-job/use-job.ts';
import { partName } from './part-name.ts';
import { ListTable } from '../../../parts/ListTable.tsx';
import { Tag } from '../../../parts/Tag.tsx';

const number = { textAlign: 'right' } as const;

/** Areas of every piece by face and edge, developed, in scope only. */
export function AreaTable() {
  const job = useJob();
  const localise = useLocalise();
  const { units } = job.settings;
  const rows = job.pieces.map((piece) => {
    const parts = takeOff(piece);
    const of = (part: string): number => parts.find((entry) => entry.part === part)?.area ?? 0;
    const edgeParts = parts.filter(({ part }) => part !== 'front' && part !== 'back');
    const edges = edgeParts.reduce((sum, { area }) => sum + area, 0);
    return { piece, edgeParts, front: of('front'), back: of('back'), edges, total: of('front') + of('back') + edges };
  });
  const sum = (key: 'front' | 'back' | 'edges' | 'total'): number => rows.reduce((total, row) => total + row[key], 0);
  const show = (area: number): string => (area === 0 ? '–' : AREA.format(area, units));
  return (
    <ListTable>
      <TableHead
        columns={['Piece', 'What', figures('Front'), figures('Back'), figures('Edges'), figures('To paint')]}
      />
      <tbody>
        {rows.map(({ piece, edgeParts, front, back, edges, total }) => (
          <tr key={piece.id}>
            <td>
              <Tag mark={piece.mark} />
            </td>
            <td>
              {localise(definitionOf(piece.kind).name)}
              {piece.note && <span style={{ color: 'var(--ink-soft)' }}>, {piece.note}</span>}
            </td>
            <td style={number}>{show(front)}</td>
            <td style={number}>{show(back)}</td>
            <td style={number}>
              {show(edges)}
              <Box component="span" sx={{ display: 'block', color: 'var(--ink-soft)', fontSize: 13 }}>
                {edgeParts
                  .map(({ part, area }) => `${partName(piece.kind, part)} ${AREA.format(area, units)}`)
                  .join(', ')}
              </Box>
            </td>
            <td style={{ ...number, fontWeight: 700 }}>{show(total)}</td>
          </tr>
        ))}
      </tbody>
      <tfoot>
        <tr>
          <th scope="row" colSpan={2}>
            All {rows.length}
          </th>
          <td style={number}>{show(sum('front'))}</td>
          <td style={number}>{show(sum('back'))}</td>
          <td style={number}>{show(sum('edges'))}</td>
          <td style={{ ...number, fontWeight: 700 }}>{show(sum('total'))}</td>
        </tr>
      </tfoot>
    </ListTable>
  );
}
