import { ProgressMark } from '../../drawing/ProgressMark.tsx';
import { formatMoment } from '../../../core/units/moments.ts';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { localTime } from '../../../core/job/site-time.ts';
import type { Job } from '../../../core/job/document/schema.ts';
import type { Outcome } from '../../../core/units/outcome.ts';
import type { StoredJob } from '../../keeping/database.ts';
import { sinceWords } from './since-words.ts';
import { Link } from '../../parts/Link.tsx';
import { PieceThumb } from '../../drawing/elevation/PieceThumb.tsx';
import { MoreIcon } from '../../drawing/icons.tsx';
import { PROGRESS } from '../progress.ts';
import { STAGES } from '../registry.ts';

interface JobCardProps {
  stored: StoredJob;
  onRename(name: string): Promise<Outcome<Job>>;
  onDuplicate(): void;
  onExport(): void;
  onDelete(): void;
}

/** The stage that a job is at: the first that is not complete. */
const stageOf = (job: Job): (typeof STAGES)[number] | undefined =>
  STAGES.find((stage) => PROGRESS[stage.id](job).share < 1) ?? STAGES.at(-1);

/** A job in the list: its pieces in a row to scale, how far it is, and what can be done with it. */
export function JobCard({ stored, onRename, onDuplicate, onExport, onDelete }: JobCardProps) {
  const { job } = stored;
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const [renaming, setRenaming] = useState<string | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const stage = stageOf(job);
  const progress = stage ? PROGRESS[stage.id](job) : { share: 0, words: '' };
  const colourOf = (groupId: string): string =>
    job.groups.find((group) => group.id === groupId)?.colour.hex ?? '#efece2';
  const act = (action: () => void) => () => {
    setAnchor(null);
    action();
  };
  const rename = async (): Promise<void> => {
    const outcome = await onRename(renaming ?? '');
    setFault(outcome.ok ? null : outcome.message);
    if (outcome.ok) setRenaming(null);
  };
  return (
    <Box
      component="li"
      aria-label={job.name}
      sx={{
        background: 'var(--sheet)',
        border: '1px solid var(--line)',
        borderRadius: '8px',
        boxShadow: 'var(--shadow)',
        p: 2,
        display: 'flex',
        flexDirection: 'column',
        gap: 1.25,
      }}
    >
      <Box sx={{ display: 'flex', alignItems: 'flex-start', gap: 1 }}>
        {renaming === null ? (
          <Typography variant="h3" sx={{ flex: 1, overflowWrap: 'anywhere' }}>
            <Link to={{ stage: stage?.id ?? 'walk', jobId: job.id }} style={{ color: 'inherit' }}>
              {job.name}
            </Link>
          </Typography>
        ) : (
          <Box
            component="form"
            sx={{ flex: 1, display: 'flex', gap: 1, alignItems: 'flex-start' }}
            onSubmit={(event) => {
              event.preventDefault();
              void rename();
            }}
          >
            <TextField
              autoFocus
              label="Name"
              value={renaming}
              error={fault !== null}
              helperText={fault}
              onChange={(event) => setRenaming(event.target.value)}
            />
            <Button type="submit" variant="contained">
              Rename
            </Button>
          </Box>
        )}
        <IconButton aria-label={`More for ${job.name}`} onClick={(event) => setAnchor(event.currentTarget)}>
          <MoreIcon />
        </IconButton>
        <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
          <MenuItem onClick={act(() => setRenaming(job.name))}>Rename</MenuItem>
          <MenuItem onClick={act(onDuplicate)}>Duplicate</MenuItem>
          <MenuItem onClick={act(onExport)}>Export</MenuItem>
          <MenuItem onClick={act(onDelete)}>Delete</MenuItem>
        </Menu>
      </Box>
      <Box
        aria-hidden
        sx={{
          display: 'flex',
          alignItems: 'flex-end',
          gap: '5px',
          height: 74,
          overflow: 'hidden',
          maskImage: 'linear-gradient(90deg, #000 86%, transparent)',
        }}
      >
        {job.pieces.slice(0, 24).map((piece) => (
          <PieceThumb key={piece.id} piece={piece} fill={colourOf(piece.groupId)} mmPerPixel={29} />
        ))}
        {job.pieces.length === 0 && <Typography sx={{ color: 'var(--ink-soft)' }}>No pieces yet.</Typography>}
      </Box>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5, mt: 'auto', fontSize: 14 }}>
        <ProgressMark share={progress.share} words={`${stage?.name ?? ''}: ${progress.words}`} width={72} />
        <span>
          <strong>{stage?.name}</strong> · {progress.words}
        </span>
      </Box>
      <Typography sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
        {job.plan
          ? `Finish planned ${formatMoment(localTime(job.plan.t0, job.plan.finish * job.plan.tickMinutes, job.site.timeZone), 'day')} · `
          : ''}
        edited {sinceWords(stored.updatedAt)}
      </Typography>
    </Box>
  );
}
