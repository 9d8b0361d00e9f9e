import { counted } from '../../../core/units/sentence.ts';
import { ProgressMark } from '../../drawing/ProgressMark.tsx';
import Box from '@mui/material/Box';
import { inspectionOrder, roomChecks, type FaceToCheck, type RoomCheck } from '../../../core/checking/round.ts';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import { groupOf } from '../../../core/job/queries/groups.ts';
import { definitionOf } from '../../../core/pieces/registry.ts';
import { useJob } from '../../open-job/use-job.ts';
import { PieceThumb } from '../../drawing/elevation/PieceThumb.tsx';
import { thumbScale } from '../../drawing/elevation/thumb-size.ts';
import { Link } from '../../parts/Link.tsx';
import { EmptyState, Section } from '../../parts/Section.tsx';
import { Tag } from '../../parts/Tag.tsx';
import { CheckIcon } from '../../drawing/icons.tsx';
import { SignOffBar } from './SignOffBar.tsx';

/** The round through the rooms: every piece as it hangs there, what was looked at, what was found, and who signed. */
export function Round() {
  const job = useJob();
  const rooms = roomChecks(job);
  if (rooms.length === 0) {
    return <EmptyState title="Nothing to inspect yet">Choose build-ups first.</EmptyState>;
  }
  return (
    <Box sx={{ maxWidth: 1240 }}>
      {rooms.map((check) => (
        <Section
          key={check.room.id}
          title={check.room.name}
          aside={
            <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5, fontSize: 15, color: 'var(--ink-soft)' }}>
              <ProgressMark
                width={72}
                share={check.looked / check.faces.length}
                words={`${check.looked} of ${check.faces.length} faces inspected`}
              />
              {checkWords(check)}
            </Box>
          }
        >
          <Box
            component="ul"
            sx={{
              display: 'grid',
              gridTemplateColumns: { xs: 'repeat(2, minmax(0, 1fr))', sm: 'repeat(auto-fill, minmax(168px, 1fr))' },
              gap: 1.25,
              mb: 1.5,
            }}
          >
            {inspectionOrder(check.faces).map(([piece, faces]) => (
              <PieceOfRound key={piece.id} piece={piece} faces={faces} />
            ))}
          </Box>
          <SignOffBar check={check} />
        </Section>
      ))}
    </Box>
  );
}

const checkWords = ({ faces, finished, looked, openDefects }: RoomCheck): string =>
  [
    `${looked} of ${faces.length} faces inspected`,
    looked < finished ? `${finished - looked} to inspect now` : null,
    finished < faces.length ? `${faces.length - finished} still being painted` : null,
    openDefects > 0 ? `${counted(openDefects, 'defect')} open` : null,
  ]
    .filter(Boolean)
    .join(', ');

/** One piece: its drawing, its tag, and a dot for each face. */
function PieceOfRound({ piece, faces }: { piece: Piece; faces: readonly FaceToCheck[] }) {
  const job = useJob();
  const names = definitionOf(piece.kind).faceNames;
  const isPainted = faces.some(({ coats }) => coats.laid > 0);
  return (
    <li>
      <Box
        component={Link}
        to={{ stage: 'check', jobId: job.id, pieceId: piece.id }}
        sx={{
          display: 'grid',
          gap: 0.75,
          justifyItems: 'center',
          alignContent: 'end',
          height: '100%',
          minWidth: 92,
          p: 1,
          border: '1px solid var(--line)',
          borderRadius: '8px',
          background: 'var(--sheet)',
          color: 'inherit',
          textDecoration: 'none',
          '&:hover': { borderColor: 'var(--ink)' },
        }}
      >
        <Box sx={{ opacity: isPainted ? 1 : 0.5 }}>
          <PieceThumb
            piece={piece}
            fill={groupOf(job, piece)?.colour.hex ?? '#efece2'}
            mmPerPixel={thumbScale(piece)}
          />
        </Box>
        <Tag mark={piece.mark} />
        <Box sx={{ display: 'flex', gap: 0.75, flexWrap: 'wrap', justifyContent: 'center' }}>
          {faces.map((entry) => (
            <FaceDot key={entry.face} entry={entry} name={names[entry.face] ?? entry.face} />
          ))}
        </Box>
      </Box>
    </li>
  );
}

/** How far a face is: coats still to come, ready to be looked at, looked over, or with defects. */
function FaceDot({ entry, name }: { entry: FaceToCheck; name: string }) {
  const { coats, lookedAt, openDefects } = entry;
  const base = {
    display: 'inline-flex',
    alignItems: 'center',
    gap: '3px',
    fontSize: 13,
    lineHeight: '20px',
    px: 0.75,
    borderRadius: '10px',
    border: '1.5px solid',
    fontWeight: 650,
  } as const;
  if (openDefects > 0) {
    return (
      <Box sx={{ ...base, background: 'var(--late)', borderColor: 'var(--late)', color: 'var(--sheet)' }}>
        {name}: {counted(openDefects, 'defect')}
      </Box>
    );
  }
  if (lookedAt !== null) {
    return (
      <Box sx={{ ...base, background: 'var(--ready-fill)', borderColor: 'var(--ready)', color: 'var(--ink)' }}>
        <CheckIcon titleAccess="inspected" sx={{ fontSize: 15 }} />
        {name}
      </Box>
    );
  }
  const isFinished = coats.laid === coats.all;
  return (
    <Box
      sx={{
        ...base,
        borderColor: isFinished ? 'var(--ink)' : 'var(--line)',
        color: isFinished ? 'var(--ink)' : 'var(--ink-soft)',
        borderStyle: isFinished ? 'solid' : 'dashed',
      }}
    >
      {name} {isFinished ? 'to inspect' : `${coats.laid}/${coats.all}`}
    </Box>
  );
}
