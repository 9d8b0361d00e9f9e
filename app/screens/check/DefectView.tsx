import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import type { Facts } from '../../../core/job/commands/facts.ts';
import { DEFECTS } from '../../../core/checking/defects.ts';
import { evidenceOn } from '../../../core/checking/evidence.ts';
import { rankCauses } from '../../../core/checking/rank-causes.ts';
import { defectStatus } from '../../../core/checking/defect-status.ts';
import type { Defect } from '../../../core/job/document/defect-schema.ts';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import { useCommands, useJob, useLocalise } from '../../open-job/use-job.ts';
import { useReplanning } from '../../parts/replanning/use-replanning.ts';
import { goTo } from '../../device/route.ts';
import { Section } from '../../parts/Section.tsx';
import { Tag } from '../../parts/Tag.tsx';
import { useJobSteps } from '../../open-job/use-reading.ts';
import { BackIcon } from '../../drawing/icons.tsx';
import { CauseList } from './CauseList.tsx';
import { STANDING } from './standing-words.ts';
import { ReplanningStatus } from '../../parts/replanning/ReplanningStatus.tsx';
import { DefectSpot } from './DefectSpot.tsx';
import { Remedy } from './Remedy.tsx';

/** One defect: where it is, what it comes from by what the log knows, when it may be touched, and what puts it right. */
export function DefectView({ defect }: { defect: Defect }) {
  const job = useJob();
  const piece = job.pieces.find(({ id }) => id === defect.pieceId);
  return piece ? <DefectOn key={defect.id} piece={piece} defect={defect} /> : null;
}

function DefectOn({ piece, defect }: { piece: Piece; defect: Defect }) {
  const job = useJob();
  const localise = useLocalise();
  const { apply } = useCommands();
  const problem = useJobSteps();
  const replanning = useReplanning();
  const definition = DEFECTS[defect.kind];
  const standing = defectStatus(job, defect);
  const causes = useMemo(
    () => rankCauses(defect.kind, evidenceOn(job, problem, piece, defect.face)),
    [job, problem, piece, defect.kind, defect.face],
  );
  const change = (facts: Facts<Defect>): boolean =>
    apply('change-defect', { id: defect.id, facts }, { strokes: `defect/${defect.id}` }).ok;
  return (
    <Box sx={{ maxWidth: 1180 }}>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5, flexWrap: 'wrap', mb: 2 }}>
        <Button
          startIcon={<BackIcon />}
          sx={{ minHeight: 48 }}
          onClick={() => goTo({ stage: 'check', jobId: job.id, pieceId: piece.id })}
        >
          {piece.mark}
        </Button>
        <Tag mark={piece.mark} size="large" />
        <Box sx={{ flex: '1 1 150px' }}>
          <Typography variant="h2">{localise(definition.name)}</Typography>
          <Box sx={{ color: 'var(--ink-soft)' }}>{localise(definition.looksLike)}</Box>
        </Box>
        <Box sx={{ fontWeight: 750, color: STANDING[standing].colour, fontSize: 17 }}>{STANDING[standing].words}</Box>
      </Box>
      <ReplanningStatus {...replanning} below={2} />
      <Box
        sx={{
          display: 'grid',
          gap: { xs: 2.5, md: 4 },
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 300px) minmax(0, 1fr)' },
          alignItems: 'start',
        }}
      >
        <DefectSpot piece={piece} defect={defect} change={change} />
        <Box sx={{ minWidth: 0 }}>
          <Section title="Likely causes">
            <CauseList
              causes={causes}
              chosen={defect.cause}
              onChoose={(cause) => change({ cause: cause === defect.cause ? null : cause })}
            />
          </Section>
          <Remedy piece={piece} defect={defect} standing={standing} replanning={replanning} change={change} />
        </Box>
      </Box>
    </Box>
  );
}
