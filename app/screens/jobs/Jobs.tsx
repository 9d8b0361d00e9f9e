import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useLiveQuery } from 'dexie-react-hooks';
import { closeSnackbar } from 'notistack';
import { useEffect } from 'react';
import type { StoredJob } from '../../keeping/database.ts';
import { duplicateJob, layOutDemo, listJobs, renameJob, setDeleted, type DemoJobId } from '../../keeping/jobs.ts';
import { reasonOf } from '../../keeping/reason.ts';
import { exportJob } from '../../open-job/export-job.ts';
import { BackupBar } from '../../parts/keeping/BackupBar.tsx';
import { KeepingBars } from '../../parts/keeping/KeepingBars.tsx';
import { Section } from '../../parts/Section.tsx';
import { InstallHint } from './InstallHint.tsx';
import { JobCard } from './JobCard.tsx';
import { StorageSection } from './StorageSection.tsx';
import { hasAttempts } from '../../keeping/attempts.ts';
import { keepLocally, local } from '../../keeping/local.ts';
import { notify } from '../../device/notices.ts';
import { DemoJobs } from './DemoJobs.tsx';
import { ImportStatus } from './ImportStatus.tsx';
import { JobsHeader } from './JobsHeader.tsx';
import { LostJobs } from './LostJobs.tsx';
import { FirstLook } from './first/FirstLook.tsx';
import { HAS_JOBS } from './first/has-jobs.ts';
import { useImporting } from './use-importing.tsx';

/** All jobs of this browser: start, open, copy, throw away and bring back, in and out as files. */
export default function Jobs() {
  const jobs = useLiveQuery(listJobs, []);
  const kept = jobs?.kept ?? [];
  const importing = useImporting(kept);
  const hasPractised = useLiveQuery(() => hasAttempts().catch(() => false), []) ?? false;

  /** What can't be kept is told, and nothing of it is done. */
  const orTell = (work: Promise<unknown>): void =>
    void work.catch((error: unknown) => importing.tell(`Can’t save: ${reasonOf(error)}.`));

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
    tell(`${stored.job.name} deleted.`, () => setDeleted(stored.id, false));
  };

  const layOutAnew = async (id: DemoJobId, named: string): Promise<void> => {
    const bringBack = await layOutDemo(id);
    if (bringBack) tell(`${named} reset.`, bringBack);
  };

  useEffect(() => {
    if (!jobs) return;
    keepLocally(HAS_JOBS, jobs.kept.length > 0 ? 'yes' : '');
    if (jobs.kept.length === 0) delete document.documentElement.dataset.jobs;
  }, [jobs]);
  const hasJobs = jobs ? kept.length > 0 : local.getItem(HAS_JOBS) === 'yes';

  return (
    <>
      <JobsHeader importing={importing} hasJobs={hasJobs} />
      {!hasJobs && <FirstLook />}
      <Box component="main" sx={{ maxWidth: 1080, mx: 'auto', px: { xs: 2, md: 4 }, py: { xs: 2.5, md: 4 } }}>
        <KeepingBars />
        <BackupBar />
        <ImportStatus importing={importing} />
        {hasJobs && <InstallHint />}
        {kept.length > 0 && (
          <Section title="Jobs">
            <Box
              component="ul"
              sx={{
                display: 'grid',
                gap: 2,
                gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'repeat(2, minmax(0, 1fr))' },
              }}
            >
              {kept.map((stored) => (
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
        <DemoJobs kept={kept} onLayOut={(id, named) => orTell(layOutAnew(id, named))} />
        {(hasJobs || hasPractised) && <StorageSection />}
        {jobs && <LostJobs damaged={jobs.damaged} deleted={jobs.deleted} onWork={orTell} />}
      </Box>
    </>
  );
}
