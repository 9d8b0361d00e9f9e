import { formatMoment } from '../../../core/units/moments.ts';
import { formatLength } from '../../../core/units/length.ts';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import type { Facts } from '../../../core/job/commands/facts.ts';
import { DEFECTS } from '../../../core/checking/defects.ts';
import { evidenceOn } from '../../../core/checking/evidence.ts';
import { rankCauses } from '../../../core/checking/rank-causes.ts';
import { hasChoiceOfPlace, reworkFor, remedyWait } from '../../../core/checking/rework.ts';
import { defectStatus } from '../../../core/checking/defect-status.ts';
import type { Defect } from '../../../core/job/document/defect-schema.ts';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import { hangsByNight } from '../../../core/job/queries/pieces.ts';
import { localTime, minutesSince } from '../../../core/job/site-time.ts';
import { definitionOf } from '../../../core/pieces/registry.ts';
import { useCommands, useJob, useLocalise, useNow } from '../../open-job/use-job.ts';
import { ReplanCard } from '../../parts/replanning/ReplanCard.tsx';
import { useReplanning } from '../../parts/replanning/use-replanning.ts';
import { goTo } from '../../device/route.ts';
import { Caution, Section, Sheet } from '../../parts/Section.tsx';
import { Tag } from '../../parts/Tag.tsx';
import { useJobSteps } from '../../open-job/use-reading.ts';
import { Vial } from '../../drawing/Vial.tsx';
import { BackIcon } from '../../drawing/icons.tsx';
import { vialReading } from '../../drawing/vial-reading.ts';
import { CauseList } from './CauseList.tsx';
import { DefectPhotos } from './DefectPhotos.tsx';
import { FaceToTap } from './TappableFace.tsx';
import { ReworkSteps } from './ReworkSteps.tsx';
import { STANDING } from './standing-words.ts';

/** One defect: where it is, what it comes from by what the log knows, when it may be touched, and what puts it right. */
export function DefectView({ defect }: { defect: Defect }) {
  const job = useJob();
  const piece = job.pieces.find(({ id }) => id === defect.pieceId);
  return piece ? <DefectOn key={defect.id} piece={piece} defect={defect} /> : null;
}

function DefectOn({ piece, defect }: { piece: Piece; defect: Defect }) {
  const job = useJob();
  const localise = useLocalise();
  const now = useNow();
  const { apply } = useCommands();
  const problem = useJobSteps();
  const replanning = useReplanning();
  const definition = DEFECTS[defect.kind];
  const standing = defectStatus(job, defect);
  const causes = useMemo(
    () => rankCauses(defect.kind, evidenceOn(job, problem, piece, defect.face)),
    [job, problem, piece, defect.kind, defect.face],
  );
  const wait = remedyWait(job, problem, defect);
  const [isTakenDown, setIsTakenDown] = useState(false);
  const known = useMemo(() => reworkFor(job, problem, defect), [job, problem, defect]);
  const isAsked = known !== null && hasChoiceOfPlace(job, piece, { ...defect, rework: known });
  const proposed = isAsked && isTakenDown ? { ...known, isInPlace: false } : known;
  const { t0 } = problem.clocks;
  const at = minutesSince(t0, now, job.site.timeZone);
  const when = (minutes: number): string =>
    formatMoment(localTime(t0, Math.ceil(minutes), job.site.timeZone), 'dayTime');
  const change = (facts: Facts<Defect>): boolean =>
    apply('change-defect', { id: defect.id, facts }, { strokes: `defect/${defect.id}` }).ok;
  const plan = (): void => {
    if (proposed === null || !change({ rework: proposed })) return;
    if (job.plan)
      void replanning.replan(`${piece.mark}: ${definition.name.toLowerCase()} to put right`, `rework/${defect.id}`);
  };
  const opens = wait.opens;
  const waitWords =
    opens === null
      ? 'No coat lies here by the log.'
      : opens === Infinity
        ? 'In this cold it never hardens: warm the place first.'
        : opens <= at
          ? `It may be touched now, since ${when(opens)}.`
          : `Leave it until ${when(opens)}.`;
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
      {replanning.isReplanning && (
        <Box role="status" sx={{ mb: 2 }}>
          <LinearProgress aria-label="Planning the rest anew" />
          Planning the rest anew…
        </Box>
      )}
      {replanning.lines && !replanning.isReplanning && (
        <Box sx={{ mb: 2 }}>
          <ReplanCard lines={replanning.lines} onPutAway={replanning.putAway} />
        </Box>
      )}
      <Box
        sx={{
          display: 'grid',
          gap: { xs: 2.5, md: 4 },
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 300px) minmax(0, 1fr)' },
          alignItems: 'start',
        }}
      >
        <Box sx={{ display: 'grid', gap: 1.5 }}>
          <Box sx={{ background: 'color-mix(in srgb, var(--ink) 88%, transparent)', borderRadius: '8px', p: 1.25 }}>
            <FaceToTap
              piece={piece}
              face={defect.face}
              defects={[defect]}
              spot={null}
              maxHeight={360}
              onTap={(spot) => change({ spot })}
            />
          </Box>
          <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
            {localise(definitionOf(piece.kind).faceNames[defect.face] ?? defect.face)}
            {defect.spot
              ? `, ${formatLength(defect.spot.x, job.settings.units)} from the left and ${formatLength(defect.spot.y, job.settings.units)} from the top. Tap to move it.`
              : '. Tap where it is.'}
          </Box>
          <TextField
            label="Note"
            value={defect.note}
            multiline
            onChange={(event) => change({ note: event.target.value.slice(0, 300) })}
          />
          <DefectPhotos
            piece={piece}
            defect={defect}
            onTaken={(ids) => change({ photoIds: Object.fromEntries(ids.map((id) => [id, true])) })}
          />
        </Box>
        <Box sx={{ minWidth: 0 }}>
          <Section title="Where it comes from">
            <CauseList
              causes={causes}
              chosen={defect.cause}
              onChoose={(cause) => change({ cause: cause === defect.cause ? null : cause })}
            />
          </Section>
          <Section title="Putting it right">
            <Sheet>
              <Box sx={{ display: 'grid', gap: 1.5 }}>
                <Typography sx={{ fontSize: 16 }}>{localise(definition.remedy)}</Typography>
                {opens !== null && wait.since !== null && (
                  <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap' }}>
                    <Vial
                      size="row"
                      reading={vialReading(at, { since: wait.since, opens, closes: null })}
                      words={waitWords}
                    />
                    <strong>{waitWords}</strong>
                    <Box sx={{ flexBasis: '100%', color: 'var(--ink-soft)' }}>{localise(definition.waits.because)}</Box>
                  </Box>
                )}
                {opens === null && <strong>{waitWords}</strong>}
                {definition.caution && <Caution>{localise(definition.caution)}</Caution>}
                {standing === 'found' && isAsked && (
                  <ToggleButtonGroup
                    exclusive
                    value={isTakenDown}
                    aria-label="Where it is put right"
                    onChange={(_event, chosen: boolean | null) => chosen !== null && setIsTakenDown(chosen)}
                  >
                    <ToggleButton value={false} sx={{ minHeight: 48 }}>
                      Where it hangs
                    </ToggleButton>
                    <ToggleButton value sx={{ minHeight: 48 }}>
                      Taken down again
                    </ToggleButton>
                  </ToggleButtonGroup>
                )}
                {standing === 'found' && known?.isInPlace && hangsByNight(piece) && (
                  <Box>It closes its opening every night: it is put right where it hangs.</Box>
                )}
                <ReworkSteps piece={piece} defect={defect.rework ? defect : { ...defect, rework: proposed }} />
                <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
                  {standing === 'found' && (
                    <Button
                      variant="contained"
                      sx={{ minHeight: 56, fontSize: 17 }}
                      disabled={proposed === null || replanning.isReplanning}
                      onClick={plan}
                    >
                      Put the rework into the plan
                    </Button>
                  )}
                  {standing === 'planned' && (
                    <Button
                      variant="outlined"
                      sx={{ minHeight: 56 }}
                      onClick={() => {
                        if (change({ rework: null }))
                          void replanning.replan(`${piece.mark}: no rework`, `rework/${defect.id}`);
                      }}
                    >
                      Take the rework out again
                    </Button>
                  )}
                  {(standing === 'found' || standing === 'planned') && (
                    <>
                      <Button
                        variant="outlined"
                        sx={{ minHeight: 56 }}
                        onClick={() => change({ settled: { at: now, how: 'put-right', why: '' } })}
                      >
                        Put right on the spot
                      </Button>
                      <Button
                        sx={{ minHeight: 56 }}
                        onClick={() => change({ settled: { at: now, how: 'accepted', why: defect.note } })}
                      >
                        Leave it as it is
                      </Button>
                    </>
                  )}
                  {defect.settled && (
                    <Button variant="outlined" sx={{ minHeight: 56 }} onClick={() => change({ settled: null })}>
                      Open it again
                    </Button>
                  )}
                  <Button
                    sx={{ minHeight: 56 }}
                    onClick={() => {
                      if (apply('remove-defect', { id: defect.id }).ok)
                        goTo({ stage: 'check', jobId: job.id, pieceId: piece.id }, 'replace');
                    }}
                  >
                    It is none
                  </Button>
                </Box>
              </Box>
            </Sheet>
          </Section>
        </Box>
      </Box>
    </Box>
  );
}
