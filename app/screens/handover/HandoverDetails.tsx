import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import type { HandoverGap } from '../../../core/handover/gaps.ts';
import type { Facts } from '../../../core/job/commands/facts.ts';
import type { Handover } from '../../../core/job/document/handover-schema.ts';
import { useCommands, useJob } from '../../open-job/use-job.ts';
import { Fold } from '../../parts/Fold.tsx';

/** What the log can't know: the client, the painter, the touch-up kit and notes. */
export function HandoverDetails({ gaps }: { gaps: readonly HandoverGap[] }) {
  const job = useJob();
  const { apply } = useCommands();
  const { handOver } = job;
  const change = (facts: Facts<Handover>, field: string): void =>
    void apply('change-hand-over', facts, { strokes: `hand-over/${field}` });
  return (
    <Fold title="Details" summary={gaps.length === 0 ? 'complete' : gaps.map(({ words }) => words).join(', ')}>
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
    </Fold>
  );
}
