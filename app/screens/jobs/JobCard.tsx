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
import { canShareFiles } from '../../device/share.ts';
import { shareJob } from '../../open-job/share-job.ts';
import { Link } from '../../parts/Link.tsx';
import { MoreIcon } from '../../drawing/icons.tsx';
import { OutlookLines } from './OutlookLines.tsx';
import { Thumbs } from './Thumbs.tsx';
import { useOutlook } from './use-outlook.ts';
import { PROGRESS } from '../progress.ts';
import { STAGES } from '../registry.ts';

/** Pieces drawn on a card. */
const MAX_DRAWN = 24;

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
  const outlook = useOutlook(job);
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
            <Link
              to={{ stage: job.plan ? 'today' : (stage?.id ?? 'walk'), jobId: job.id }}
              style={{ color: 'inherit' }}
            >
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
          {canShareFiles() && <MenuItem onClick={act(() => void shareJob(job))}>Share</MenuItem>}
          <MenuItem onClick={act(onDelete)}>Delete</MenuItem>
        </Menu>
      </Box>
      {job.pieces.length === 0 ? (
        <Typography sx={{ color: 'var(--ink-soft)' }}>No pieces yet.</Typography>
      ) : (
        <Thumbs pieces={job.pieces.slice(0, MAX_DRAWN).map((piece) => ({ ...piece, fill: colourOf(piece.groupId) }))} />
      )}
      <Box sx={{ mt: 'auto' }}>
        {outlook ? (
          <OutlookLines outlook={outlook} />
        ) : (
          <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5, fontSize: 14 }}>
            <ProgressMark share={progress.share} words={`${stage?.name ?? ''}: ${progress.words}`} width={72} />
            <span>
              <strong>{stage?.name}</strong> · {progress.words}
            </span>
          </Box>
        )}
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
