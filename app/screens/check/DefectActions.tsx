import { inSentence } from '../../../core/units/sentence.ts';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Facts } from '../../../core/job/commands/facts.ts';
import { DEFECTS } from '../../../core/checking/defects.ts';
import type { Defect } from '../../../core/job/document/defect-schema.ts';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import { useCommands, useJob, useNow } from '../../open-job/use-job.ts';
import { goTo } from '../../device/route.ts';
import type { Replanning } from '../../parts/replanning/use-replanning.ts';
import type { DefectStatus } from '../../../core/checking/defect-status.ts';

interface DefectActionsProps {
  piece: Piece;
  defect: Defect;
  standing: DefectStatus;
  replanning: Replanning;
  /** The rework that would be planned; null where it can't be. */
  proposed: Defect['rework'];
  change(facts: Facts<Defect>): boolean;
}

/** What can be done about a defect, as far as it has come. */
export function DefectActions({ piece, defect, standing, replanning, proposed, change }: DefectActionsProps) {
  const job = useJob();
  const now = useNow();
  const { apply } = useCommands();
  const definition = DEFECTS[defect.kind];
  const plan = (): void => {
    if (proposed === null || !change({ rework: proposed })) return;
    if (job.plan)
      void replanning.replan(`${piece.mark}: ${inSentence(definition.name)} to make good`, `rework/${defect.id}`);
  };
  return (
    <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
      {standing === 'found' && (
        <Button
          variant="contained"
          sx={{ minHeight: 56, fontSize: 17 }}
          disabled={proposed === null || replanning.isReplanning}
          onClick={plan}
        >
          Add to plan
        </Button>
      )}
      {standing === 'planned' && (
        <Button
          variant="outlined"
          sx={{ minHeight: 56 }}
          onClick={() => {
            if (change({ rework: null }))
              void replanning.replan(`${piece.mark}: rework removed`, `rework/${defect.id}`);
          }}
        >
          Remove from plan
        </Button>
      )}
      {(standing === 'found' || standing === 'planned') && (
        <>
          <Button
            variant="outlined"
            sx={{ minHeight: 56 }}
            onClick={() => change({ settled: { at: now, how: 'put-right', why: '' } })}
          >
            Fixed now
          </Button>
          <Button
            sx={{ minHeight: 56 }}
            onClick={() => change({ settled: { at: now, how: 'accepted', why: defect.note } })}
          >
            Accept as is
          </Button>
        </>
      )}
      {defect.settled && (
        <Button variant="outlined" sx={{ minHeight: 56 }} onClick={() => change({ settled: null })}>
          Reopen
        </Button>
      )}
      <Button
        sx={{ minHeight: 56 }}
        onClick={() => {
          if (apply('remove-defect', { id: defect.id }).ok)
            goTo({ stage: 'check', jobId: job.id, pieceId: piece.id }, 'replace');
        }}
      >
        Not a defect
      </Button>
    </Box>
  );
}
