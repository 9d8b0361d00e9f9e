import { ProgressMark } from '../../drawing/ProgressMark.tsx';
import { counted } from '../../../core/units/sentence.ts';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { cutLists, type MouldingCutList } from '../../../core/quantities/cut-list.ts';
import { readStockLengths } from '../../../core/quantities/stock-lengths.ts';
import { formatLength, lengthFieldText, parseLength, lengthUnit } from '../../../core/units/length.ts';
import { useCommands, useJob } from '../../open-job/use-job.ts';
import { EmptyState, Section, Sheet } from '../../parts/Section.tsx';
import { StatedField } from '../../parts/fields/StatedField.tsx';
import { CutBarDrawing } from './CutBarDrawing.tsx';

/** The lengths of moulding that the job's pieces get, cut from stock with as little waste as can be proved. */
export function CutList() {
  const job = useJob();
  const { apply } = useCommands();
  const { units } = job.settings;
  const lists = cutLists(job);
  if (lists.length === 0) {
    return (
      <EmptyState title="No moulding to cut">
        A door with planted moulding brings its own lengths. Type <strong>door with planted moulding 762x1981</strong>{' '}
        in the line above, or choose one under Add pieces.
      </EmptyState>
    );
  }
  return (
    <>
      <Box sx={{ display: 'flex', gap: 1.5, mb: 3, flexWrap: 'wrap', alignItems: 'flex-start' }}>
        <StatedField
          label="Stock lengths"
          text={job.cutting.stock.map((length) => lengthFieldText(length, units)).join('; ')}
          unit={lengthUnit(units)}
          draft={`${job.id}/stock`}
          sx={{ width: 260 }}
          take={(typed) => {
            const stock = readStockLengths(typed, units);
            return stock.ok
              ? apply('change-cutting', { stock: stock.value }, { strokes: 'stock', quiet: true })
              : stock;
          }}
        />
        <StatedField
          label="Saw cut (kerf)"
          text={lengthFieldText(job.cutting.kerf, units)}
          unit={lengthUnit(units)}
          draft={`${job.id}/kerf`}
          sx={{ width: 150 }}
          take={(typed) => {
            const kerf = parseLength(typed, units);
            if (!kerf.ok) return kerf;
            return apply('change-cutting', { kerf: kerf.value }, { strokes: 'kerf', quiet: true });
          }}
        />
      </Box>
      {lists.map((list) => (
        <OneMoulding key={list.moulding} list={list} />
      ))}
    </>
  );
}

function OneMoulding({ list }: { list: MouldingCutList }) {
  const job = useJob();
  const { apply } = useCommands();
  const { units } = job.settings;
  const { plan, lengths } = list;
  const cut = new Set(job.cutting.cut);
  const done = lengths.filter(({ id }) => cut.has(id)).length;
  const used = lengths.reduce((sum, { length }) => sum + length, 0);
  const waste = plan.bought === 0 ? 0 : 1 - used / plan.bought;
  const bars = [...new Set(plan.bars.map(({ stock }) => stock))].map(
    (stock) => `${plan.bars.filter((bar) => bar.stock === stock).length} × ${formatLength(stock, units)}`,
  );
  const tick = (id: string): void => void apply('change-cutting', { cut: { [id]: !cut.has(id) } });
  return (
    <Section
      title={list.moulding}
      aside={
        <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.25 }}>
          <ProgressMark
            share={lengths.length === 0 ? 1 : done / lengths.length}
            words={`${done} of ${lengths.length} lengths cut`}
          />
          <Typography sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
            {done} of {lengths.length} cut
          </Typography>
        </Box>
      }
    >
      <Sheet>
        <Typography sx={{ mb: 2 }}>
          Buy <strong>{bars.join(' and ')}</strong>: {formatLength(plan.bought, units)} for {formatLength(used, units)},{' '}
          {(waste * 100).toFixed(0)}% waste.{' '}
          {plan.isProvedBest
            ? 'Minimum possible.'
            : `Best found (minimum possible: ${formatLength(plan.bound, units)}).`}{' '}
          Lengths to the long points of the mitres.
        </Typography>
        <Box component="ol" aria-label={`Bars of ${list.moulding}`} sx={{ display: 'grid', gap: 1.5 }}>
          {plan.bars.map((bar, index) => (
            <CutBarDrawing
              key={index}
              number={index + 1}
              bar={bar}
              longest={Math.max(...job.cutting.stock)}
              lengths={lengths}
              cut={cut}
              units={units}
              onTick={tick}
            />
          ))}
        </Box>
        {plan.tooLong.length > 0 && (
          <Box role="alert" sx={{ color: 'var(--late)', mt: 2 }}>
            {counted(plan.tooLong.length, 'length is', 'lengths are')} longer than any bar on sale (up to{' '}
            {formatLength(Math.max(...plan.tooLong.map(({ length }) => length)), units)}). State a longer bar, or join
            two with a scarf.
          </Box>
        )}
      </Sheet>
    </Section>
  );
}
