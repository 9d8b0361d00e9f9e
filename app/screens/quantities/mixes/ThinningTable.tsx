import { TableHead } from '../../../parts/TableHead.tsx';
import Typography from '@mui/material/Typography';
import type { ProductNeed } from '../../../../core/quantities/litres.ts';
import { thinnerFor } from '../../../../core/quantities/mixes.ts';
import { wetFilm } from '../../../../core/shelf/film.ts';
import { VOLUME, PORTION, FILM } from '../../../../core/units/measures.ts';
import { useJob } from '../../../open-job/use-job.ts';
import { ListTable } from '../../../parts/ListTable.tsx';

/** Coats that are thinned: with what, how much, and how thick they go on wet. */
export function ThinningTable({ needs }: { needs: readonly ProductNeed[] }) {
  const job = useJob();
  const rows = needs.flatMap((need) =>
    need.coats.filter(({ thinning }) => thinning > 0).map((coat) => ({ need, coat })),
  );
  if (rows.length === 0) {
    return (
      <Typography sx={{ color: 'var(--ink-soft)' }}>
        No coats are thinned. Set thinning with the coat in Build-up.
      </Typography>
    );
  }
  return (
    <ListTable>
      <TableHead columns={['Coat', 'Paint', 'With', 'By', 'Thinner', 'Wet film']} />
      <tbody>
        {rows.map(({ need: { coating }, coat }) => (
          <tr key={`${coating.id}/${coat.groupId}/${coat.number}`}>
            <th scope="row" style={{ fontWeight: 500 }}>
              {coat.groupName}, coat {coat.number}, {coat.tool}: {coating.name}
            </th>
            <td>{VOLUME.format(coat.litres, job.settings.units)}</td>
            <td>{coating.thinner === 'its own' ? 'its own thinner' : coating.thinner}</td>
            <td>
              {coat.thinning}%
              {coat.thinning > coating.mostThinning && (
                <strong style={{ color: 'var(--late)' }}> over the {coating.mostThinning}% its tin allows</strong>
              )}
            </td>
            <td>{PORTION.format(thinnerFor(coat.litres, coat.thinning), job.settings.units)}</td>
            <td>{FILM.format(wetFilm(coating.volumeSolids, coating.dryFilm, coat.thinning), job.settings.units)}</td>
          </tr>
        ))}
      </tbody>
    </ListTable>
  );
}
