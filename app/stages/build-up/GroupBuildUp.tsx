import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import { candidates, type Candidate } from '../../../core/build-up/candidates.ts';
import { coatStack, isChosen, totalFilm } from '../../../core/build-up/coat-stack.ts';
import { judge, type Like } from '../../../core/build-up/judge.ts';
import type { BuildUp, FinishGroup } from '../../../core/job/schema.ts';
import { FACE_IDS } from '../../../core/pieces/elevation.ts';
import { CoatStackDrawing } from '../../ui/CoatStackDrawing.tsx';
import { useJob } from '../../ui/job-context.tsx';
import { EmptyState, Section, Sheet } from '../../ui/Section.tsx';
import { StatedField } from '../../ui/StatedField.tsx';
import { Tag } from '../../ui/Tag.tsx';
import { BuildUpEditor } from './BuildUpEditor.tsx';
import { CandidateCard } from './CandidateCard.tsx';
import { Findings } from './Findings.tsx';

/** What a group's pieces share, for the rules: the surface of the first, and every face that any of them has in scope. */
function likenessOf(pieces: readonly Like[]): Like | null {
  const [first] = pieces;
  if (!first) return null;
  const faces = FACE_IDS.filter((face) => pieces.some((piece) => piece.scope.faces.includes(face)));
  return { ...first, scope: { faces, edges: first.scope.edges } };
}

const SHOWN = 4;

/** The build-up of one group: what is chosen, drawn and judged, and what could be chosen instead. */
export function GroupBuildUp({ group }: { group: FinishGroup }) {
  const { job, apply, say } = useJob();
  const [isAll, setIsAll] = useState(false);
  const { pieces, like, offered } = useMemo(() => {
    const own = job.pieces.filter((piece) => piece.groupId === group.id);
    const shared = likenessOf(own);
    return { pieces: own, like: shared, offered: shared ? candidates(job, shared) : [] };
  }, [job, group.id]);
  if (!like) return <EmptyState title="No pieces in this group">Add pieces with this surface on the walk.</EmptyState>;
  const choose = (buildUp: BuildUp): void => void apply('choose-build-up', { groupId: group.id, buildUp });
  const permitted = offered.filter(({ verdict }) => verdict.level !== 'forbidden');
  const excluded = offered.filter(({ verdict }) => verdict.level === 'forbidden');
  const isSame = (candidate: Candidate): boolean => JSON.stringify(candidate.buildUp) === JSON.stringify(group.buildUp);

  return (
    <Box>
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'flex-start', mb: 2.5, flexWrap: 'wrap' }}>
        <StatedField
          label="Group"
          text={group.name}
          draft={`${job.id}/${group.id}/name`}
          sx={{ flex: '1 1 240px' }}
          take={(name) =>
            apply('change-group', { groupId: group.id, name }, { strokes: `${group.id}/name`, quiet: true })
          }
        />
        <StatedField
          label={say('Colour')}
          text={group.colour.name}
          draft={`${job.id}/${group.id}/colour`}
          sx={{ width: 170 }}
          take={(name) =>
            apply(
              'change-group',
              { groupId: group.id, colour: { ...group.colour, name } },
              { strokes: `${group.id}/colour`, quiet: true },
            )
          }
        />
        <Box
          component="input"
          type="color"
          aria-label={say('Colour swatch')}
          value={group.colour.hex}
          onChange={(event: React.ChangeEvent<HTMLInputElement>) =>
            apply(
              'change-group',
              { groupId: group.id, colour: { ...group.colour, hex: event.target.value } },
              { strokes: `${group.id}/hex` },
            )
          }
          sx={{ width: 56, height: 40, p: 0, border: '1px solid var(--line)', borderRadius: '6px', background: 'none' }}
        />
        <Box sx={{ display: 'flex', gap: 0.75, flexWrap: 'wrap', width: '100%' }}>
          {pieces.slice(0, 16).map((piece) => (
            <Tag key={piece.id} mark={piece.mark} />
          ))}
          {pieces.length > 16 && <Typography sx={{ alignSelf: 'center' }}>and {pieces.length - 16} more</Typography>}
        </Box>
      </Box>

      {isChosen(group) && (
        <Section title="Chosen build-up" aside={<FilmSum group={group} like={like} />}>
          <Sheet>
            <Box
              sx={{
                display: 'grid',
                gap: 3,
                gridTemplateColumns: { xs: 'minmax(0, 1fr)', xl: 'minmax(0, 1.1fr) minmax(0, 1fr)' },
              }}
            >
              <Box>
                {stackFaces(group.buildUp).map((face) => (
                  <Box key={face} sx={{ mb: 1 }}>
                    {Object.keys(group.buildUp.faceCoats).length > 0 && <Typography variant="h3">{face}</Typography>}
                    <CoatStackDrawing
                      layers={coatStack(job, like.surface, group.buildUp, face)}
                      surface={like.surface}
                      colour={group.colour.hex}
                    />
                  </Box>
                ))}
                <Findings verdict={judge(job, like, group.buildUp)} />
              </Box>
              <BuildUpEditor job={job} buildUp={group.buildUp} onChange={choose} />
            </Box>
          </Sheet>
        </Section>
      )}

      <Section
        title={isChosen(group) ? 'Or take' : 'Choose a build-up'}
        aside={
          <Typography sx={{ color: 'var(--ink-soft)', fontSize: 14 }}>
            best first: least risk, least solvent, least waiting
          </Typography>
        }
      >
        <Box component="ol" sx={{ display: 'grid', gap: 1.5 }}>
          {permitted.slice(0, isAll ? undefined : SHOWN).map((candidate, index) => (
            <CandidateCard
              key={candidate.id}
              candidate={candidate}
              layers={coatStack(job, like.surface, candidate.buildUp, 'front')}
              surface={like.surface}
              colour={group.colour.hex}
              isBest={index === 0}
              isChosen={isSame(candidate)}
              onChoose={() => choose(candidate.buildUp)}
            />
          ))}
        </Box>
        {permitted.length === 0 && (
          <Typography>Nothing on the shelf is permitted here. The reasons are below.</Typography>
        )}
        {permitted.length > SHOWN && (
          <Button sx={{ mt: 1 }} onClick={() => setIsAll(!isAll)}>
            {isAll ? 'Show fewer' : `Show all ${permitted.length}`}
          </Button>
        )}
      </Section>

      <Section title="Why not?">
        <Sheet pad={0}>
          {excluded.slice(0, 12).map((candidate) => (
            <Box
              key={candidate.id}
              sx={{ px: 2, py: 1.25, borderBottom: '1px solid var(--line)', '&:last-child': { borderBottom: 0 } }}
            >
              <strong>{say(candidate.name)}</strong>
              <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
                {candidate.verdict.findings
                  .filter(({ rule }) => rule.severity === 'forbidden')
                  .map(({ rule }) => `${rule.reason} ${rule.lift}`)
                  .join(' ')}
              </Box>
            </Box>
          ))}
          {excluded.length === 0 && <Box sx={{ p: 2 }}>No system of the shelf is excluded on this surface.</Box>}
        </Sheet>
      </Section>
    </Box>
  );
}

const stackFaces = (buildUp: BuildUp): ('front' | 'back')[] =>
  Object.keys(buildUp.faceCoats).length > 0 ? ['front', 'back'] : ['front'];

function FilmSum({ group, like }: { group: FinishGroup & { buildUp: BuildUp }; like: Like }) {
  const { job } = useJob();
  const layers = coatStack(job, like.surface, group.buildUp, 'front');
  return (
    <Typography sx={{ color: 'var(--ink-soft)', fontSize: 14 }}>
      {layers.filter((layer) => layer.kind === 'coat').length} coats, {totalFilm(layers)} µm dry; figures are defaults
      until you state your tin’s
    </Typography>
  );
}
