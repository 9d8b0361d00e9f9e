import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useLiveQuery } from 'dexie-react-hooks';
import { DateTime } from 'luxon';
import { closeSnackbar } from 'notistack';
import { useRef, useState } from 'react';
import { readShared } from '../../../core/exchange/day-file.ts';
import type { StoredJob } from '../../keeping/database.ts';
import {
  DEMO_JOBS,
  addJob,
  duplicateJob,
  forgetJob,
  layOutDemo,
  listJobs,
  renameJob,
  setDeleted,
  startJob,
  type DemoJobId,
} from '../../keeping/jobs.ts';
import { reasonOf } from '../../keeping/reason.ts';
import { askToKeep } from '../../keeping/storage-room.ts';
import { startReading, type BackupProgress, type ReadFile } from '../../asking/backup.ts';
import { hasCamera } from '../../parts/codes/CodeReader.tsx';
import { CodesIn } from '../../parts/codes/CodesIn.tsx';
import { downloadUnreadable } from '../../device/download.ts';
import { exportJob } from '../../open-job/export-job.ts';
import { BackupBar } from '../../parts/keeping/BackupBar.tsx';
import { BackupProgressLine } from '../../parts/keeping/BackupProgressLine.tsx';
import { KeepingBars } from '../../parts/keeping/KeepingBars.tsx';
import { useWorkerQuery } from '../../asking/use-worker-query.ts';
import { goTo } from '../../device/route.ts';
import { Section, Sheet } from '../../parts/Section.tsx';
import { Wordmark } from '../../parts/Wordmark.tsx';
import { AddIcon, DevicesIcon, UploadIcon } from '../../drawing/icons.tsx';
import { JobCard } from './JobCard.tsx';
import { StorageSection } from './StorageSection.tsx';
import { notify } from '../../device/notices.ts';

const DEMOS: Readonly<Record<DemoJobId, { name: string; words: string }>> = {
  'demo-linen-press': {
    name: 'Linen press',
    words: 'Two doors, three drawer fronts, one painter, one weekend. Fits in the head.',
  },
  'demo-tern-street': {
    name: 'Tern Street Music School',
    words: 'Seven panelled doors and a store of laminate fronts, two painters, cold nights, already under way.',
  },
};

/** All jobs of this browser: start, open, copy, throw away and bring back, in and out as files. */
export default function Jobs() {
  const jobs = useLiveQuery(listJobs, []);
  const [name, setName] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const [importFault, setImportFault] = useState<string | null>(null);
  const [isReading, setIsReading] = useState(false);
  const reading = useWorkerQuery<BackupProgress | null>();
  const file = useRef<HTMLInputElement>(null);

  const start = async (): Promise<void> => {
    if (name.trim() === '') {
      setFault('Give the job a name, such as the house or the room.');
      return;
    }
    try {
      const jobId = await startJob(name.trim().slice(0, 120), DateTime.now().toISODate());
      // From here on there is something that is worth keeping.
      void askToKeep();
      goTo({ stage: 'walk', jobId });
    } catch (error) {
      setFault(`The job can’t be kept here: ${reasonOf(error)}. Its name stays in the field.`);
    }
  };

  /** Opens the day of a job that is on another device; one that is here already is taken in on Today. */
  const openDay = async (text: string): Promise<void> => {
    setIsReading(false);
    const read = readShared(text);
    if (!read.ok || read.value.kind !== 'day') {
      setImportFault(read.ok ? 'These are stamps: take them in on Today, Two devices, of their job.' : read.message);
      return;
    }
    const { job } = read.value;
    if (jobs?.kept.some(({ id }) => id === job.id)) {
      setImportFault(`${job.name} is here already. Open it, and take the day in on Today, Two devices.`);
      return;
    }
    await addJob(job);
    goTo({ stage: 'today', jobId: job.id });
  };

  const importFile = (chosen: File | undefined): void => {
    if (!chosen) return;
    setImportFault(null);
    reading.ask((tell) => {
      const started = startReading(chosen, tell);
      return {
        ...started,
        result: started.result.then((read) => (read.ok ? taken(read.value) : refuse(chosen, read.message))),
      };
    });
  };
  const refuse = (chosen: File, message: string): null => {
    setImportFault(`${chosen.name}: ${message}`);
    return null;
  };
  const taken = (read: ReadFile): null => {
    if (read.kind === 'day') {
      void openDay(read.text);
      return null;
    }
    const [only] = read.jobs;
    if (only === undefined) {
      setImportFault('The file is a backup of no jobs: there is nothing in it to import.');
      return null;
    }
    void askToKeep();
    notify(read.jobs.length === 1 ? `${only.name} is imported.` : `${read.jobs.length} jobs are imported.`, {
      variant: 'success',
    });
    return null;
  };

  /** What can't be kept is told, and nothing of it is done. */
  const orTell = (work: Promise<unknown>): void =>
    void work.catch((error: unknown) => setImportFault(`That can’t be kept: ${reasonOf(error)}.`));

  /** Says what was done, with the way back. */
  const tell = (message: string, undo: () => Promise<void>): void => {
    notify(message, {
      autoHideDuration: 12_000,
      action: (key) => (
        <Button
          color="inherit"
          onClick={() => {
            closeSnackbar(key);
            void undo();
          }}
        >
          Undo
        </Button>
      ),
    });
  };

  const remove = async (stored: StoredJob): Promise<void> => {
    await setDeleted(stored.id, true);
    tell(`${stored.job.name} is thrown away.`, () => setDeleted(stored.id, false));
  };

  const layOutAnew = async (id: DemoJobId): Promise<void> => {
    const bringBack = await layOutDemo(id);
    if (bringBack) tell(`${DEMOS[id].name} is laid out anew.`, bringBack);
  };

  return (
    <Box sx={{ maxWidth: 1080, mx: 'auto', px: { xs: 2, md: 4 }, py: { xs: 2.5, md: 5 } }}>
      <Box
        component="header"
        sx={{ display: 'flex', alignItems: 'center', gap: { xs: 1, sm: 3 }, flexWrap: 'wrap', mb: 4 }}
      >
        <Wordmark ink="var(--ink)" />
        <Typography sx={{ color: 'var(--ink-soft)', flex: 1, display: { xs: 'none', sm: 'block' } }}>
          From the walk to the rehung door.
        </Typography>
        {hasCamera() && (
          <Button startIcon={<DevicesIcon />} onClick={() => setIsReading(true)}>
            Day from another device
          </Button>
        )}
        <Button startIcon={<UploadIcon />} onClick={() => file.current?.click()}>
          Import
        </Button>
        {isReading && (
          <Dialog open onClose={() => setIsReading(false)} fullWidth maxWidth="sm" aria-labelledby="codes-title">
            <DialogTitle id="codes-title">Hold the camera over the codes of the day</DialogTitle>
            <DialogContent sx={{ display: 'grid', gap: 2 }}>
              <CodesIn onText={(text) => void openDay(text)} />
            </DialogContent>
            <DialogActions>
              <Button onClick={() => setIsReading(false)}>Close</Button>
            </DialogActions>
          </Dialog>
        )}
        <input
          ref={file}
          type="file"
          hidden
          aria-label="Job file to import"
          accept=".json,.zip,application/json,application/zip"
          onChange={(event) => {
            importFile(event.target.files?.[0]);
            event.target.value = '';
          }}
        />
      </Box>
      <Box component="main">
        <KeepingBars />
        <BackupBar />
        {reading.isAsking && <BackupProgressLine progress={reading.answer} onCancel={reading.cancel} />}
        {(importFault ?? reading.failure) && (
          <Alert
            severity="error"
            onClose={() => {
              setImportFault(null);
              reading.forget();
            }}
            sx={{ mb: 3 }}
          >
            {importFault ?? reading.failure} Nothing was changed.
          </Alert>
        )}
        <Sheet>
          <Box
            component="form"
            sx={{ display: 'flex', gap: 1.5, alignItems: 'flex-start', flexWrap: 'wrap' }}
            onSubmit={(event) => {
              event.preventDefault();
              void start();
            }}
          >
            <TextField
              label="Name of the new job"
              value={name}
              error={fault !== null}
              helperText={fault}
              onChange={(event) => {
                setName(event.target.value);
                setFault(null);
              }}
              sx={{ flex: '1 1 260px' }}
            />
            <Button type="submit" variant="contained" startIcon={<AddIcon />} sx={{ mt: '5px' }}>
              Start the job
            </Button>
          </Box>
        </Sheet>
        <Box sx={{ height: 28 }} />
        {jobs && jobs.kept.length > 0 && (
          <Section title="Jobs">
            <Box
              component="ul"
              sx={{
                display: 'grid',
                gap: 2,
                gridTemplateColumns: { md: 'repeat(2, minmax(0, 1fr))' },
              }}
            >
              {jobs.kept.map((stored) => (
                <JobCard
                  key={stored.id}
                  stored={stored}
                  onRename={(renamed) => renameJob(stored.id, renamed)}
                  onDuplicate={() => orTell(duplicateJob(stored))}
                  onExport={() => void exportJob(stored.job)}
                  onDelete={() => orTell(remove(stored))}
                />
              ))}
            </Box>
          </Section>
        )}
        <StorageSection hasJobs={(jobs?.kept.length ?? 0) > 0} />
        <Section title="Demo jobs">
          <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { md: 'repeat(2, minmax(0, 1fr))' } }}>
            {(Object.keys(DEMO_JOBS) as DemoJobId[]).map((id) => {
              const here = jobs?.kept.some((stored) => stored.id === id);
              return (
                <Sheet key={id}>
                  <Typography variant="h3">{DEMOS[id].name}</Typography>
                  <Typography sx={{ color: 'var(--ink-soft)', my: 1 }}>{DEMOS[id].words}</Typography>
                  <Button
                    variant="outlined"
                    onClick={() => goTo({ stage: id === 'demo-tern-street' ? 'today' : 'walk', jobId: id })}
                    aria-label={`Open the demo ${DEMOS[id].name}`}
                  >
                    Open
                  </Button>
                  {here && (
                    <Button
                      sx={{ ml: 1 }}
                      aria-label={`Lay out the demo ${DEMOS[id].name} anew`}
                      onClick={() => orTell(layOutAnew(id))}
                    >
                      Lay out anew
                    </Button>
                  )}
                </Sheet>
              );
            })}
          </Box>
        </Section>
        {jobs && jobs.damaged.length > 0 && (
          <Section title="Can’t be read">
            <Box component="ul">
              {jobs.damaged.map(({ row, message }) => (
                <Box component="li" key={row.id} sx={{ display: 'flex', gap: 1, alignItems: 'center', py: 0.5 }}>
                  <span style={{ flex: '0 1 560px' }}>{message}</span>
                  <Button onClick={() => downloadUnreadable(row)}>Keep it as a file</Button>
                  <Button color="error" onClick={() => orTell(forgetJob(row.id))}>
                    Forget for good
                  </Button>
                </Box>
              ))}
            </Box>
          </Section>
        )}
        {jobs && jobs.deleted.length > 0 && (
          <Section title="Thrown away">
            <Box component="ul">
              {jobs.deleted.map((stored) => (
                <Box component="li" key={stored.id} sx={{ display: 'flex', gap: 1, alignItems: 'center', py: 0.5 }}>
                  <span style={{ flex: '0 1 320px' }}>{stored.job.name}</span>
                  <Button onClick={() => orTell(setDeleted(stored.id, false))}>Bring back</Button>
                  <Button color="error" onClick={() => orTell(forgetJob(stored.id))}>
                    Forget for good
                  </Button>
                </Box>
              ))}
            </Box>
          </Section>
        )}
      </Box>
    </Box>
  );
}
