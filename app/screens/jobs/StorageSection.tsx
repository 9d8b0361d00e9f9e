import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useState } from 'react';
import { BackupProgressLine } from '../../parts/keeping/BackupProgressLine.tsx';
import { canKeepInFolder, chooseFolder, forgetFolder, useBackup } from '../../parts/keeping/use-backup.ts';
import { sinceWords } from './since-words.ts';
import { sizeWords } from '../../parts/keeping/size-words.ts';
import { Section, Sheet } from '../../parts/Section.tsx';
import { DownloadIcon } from '../../drawing/icons.tsx';
import { database } from '../../keeping/database.ts';
import { lastWork } from '../../keeping/last-work.ts';
import { readRoom, askToKeep, type Room } from '../../keeping/storage-room.ts';

/** Whether the work is safe: where it lies, how much room is left, and when it was last backed up. */
export function StorageSection({ hasJobs }: { hasJobs: boolean }) {
  const [room, setRoom] = useState<Room | null>(null);
  const [isRefused, setIsRefused] = useState(false);
  const { last, answer, isAsking, failure, backUp, cancel } = useBackup();
  useEffect(() => {
    let gone = false;
    void readRoom().then((read) => !gone && setRoom(read));
    return () => {
      gone = true;
    };
  }, [last, hasJobs]);
  const askBrowser = async (): Promise<void> => {
    setIsRefused(!(await askToKeep()));
    setRoom(await readRoom());
  };
  const fault = failure ?? (answer && 'fault' in answer ? answer.fault : null);
  const at = last?.at ?? null;
  const worked = useLiveQuery(() => lastWork(database), []) ?? null;
  const isBehind = worked !== null && (at === null || at < worked);
  return (
    <Section title="Kept on this device">
      <Sheet>
        <Typography>
          {at === null ? 'Nothing is backed up yet.' : `Last backup ${sinceWords(at)}, read back and whole.`}{' '}
          {at !== null && isBehind && 'You have worked since.'}
          {at !== null && !isBehind && 'Nothing has changed since.'}{' '}
          {last?.folder && `Backups go into the folder ${last.folder.name}.`}
        </Typography>
        <Typography sx={{ color: 'var(--ink-soft)', mt: 0.5 }}>
          {room === null
            ? 'Looking at the room there is…'
            : room.isPersistent
              ? 'The browser keeps your jobs until you remove them.'
              : 'The browser may clear your jobs when the device runs out of room, or when Nivel is not opened for long: a backup outlives that.'}
          {room?.used !== undefined && ` ${sizeWords(room.used)} used, ${sizeWords(room.left ?? 0)} left.`}
        </Typography>
        {isAsking && <BackupProgressLine progress={answer && 'doing' in answer ? answer : null} onCancel={cancel} />}
        {fault !== null && (
          <Alert severity="error" sx={{ mt: 1 }}>
            {fault}
          </Alert>
        )}
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 1.5 }}>
          <Button
            variant={isBehind ? 'contained' : 'outlined'}
            startIcon={<DownloadIcon />}
            disabled={!hasJobs || isAsking}
            onClick={() => backUp()}
          >
            Back up all
          </Button>
          {canKeepInFolder() && (
            <Button onClick={() => void chooseFolder()}>
              {last?.folder ? 'Another folder' : 'Choose a folder for backups'}
            </Button>
          )}
          {last?.folder && <Button onClick={() => void forgetFolder()}>As downloads</Button>}
          {room !== null && !room.isPersistent && room.canAsk && (
            <Button onClick={() => void askBrowser()}>Ask the browser to keep them</Button>
          )}
        </Box>
        {isRefused && (
          <Typography role="status" sx={{ mt: 1 }}>
            The browser refused. Most agree once Nivel is installed, bookmarked or used for some days: ask again then,
            and back up until then.
          </Typography>
        )}
        {!canKeepInFolder() && (
          <Typography sx={{ color: 'var(--ink-soft)', fontSize: 14, mt: 1 }}>
            This browser can’t write into a folder by itself: each backup is a download.
          </Typography>
        )}
      </Sheet>
    </Section>
  );
}
