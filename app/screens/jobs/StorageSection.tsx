import { GuideLink } from '../../parts/GuideLink.tsx';
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
export function StorageSection() {
  const [room, setRoom] = useState<Room | null>(null);
  const [isRefused, setIsRefused] = useState(false);
  const { last, answer, isAsking, failure, backUp, cancel } = useBackup();
  useEffect(() => {
    let gone = false;
    void readRoom().then((read) => !gone && setRoom(read));
    return () => {
      gone = true;
    };
  }, [last]);
  const askBrowser = async (): Promise<void> => {
    setIsRefused(!(await askToKeep()));
    setRoom(await readRoom());
  };
  const fault = failure ?? (answer && 'fault' in answer ? answer.fault : null);
  const at = last?.at ?? null;
  const worked = useLiveQuery(() => lastWork(database), []) ?? null;
  const isBehind = worked !== null && (at === null || at < worked);
  return (
    <Section title="Saved on this device">
      <Sheet>
        <Typography>
          {at === null ? 'No backup yet.' : `Last backup ${sinceWords(at)}, checked.`}{' '}
          {at !== null && isBehind && 'Newer work isn’t backed up.'}
          {at !== null && !isBehind && 'Up to date.'} {last?.folder && `Backups go to the folder ${last.folder.name}.`}
        </Typography>
        <Typography sx={{ color: 'var(--ink-soft)', mt: 0.5 }}>
          {room === null
            ? 'Checking storage…'
            : room.isPersistent
              ? 'The browser keeps your jobs until you delete them.'
              : 'The browser may clear jobs when storage runs low or Nivel isn’t used for long. Back up.'}
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
            disabled={isAsking}
            onClick={() => backUp()}
          >
            Back up all
          </Button>
          {canKeepInFolder() && (
            <Button onClick={() => void chooseFolder()}>
              {last?.folder ? 'Change folder' : 'Choose backup folder'}
            </Button>
          )}
          {last?.folder && <Button onClick={() => void forgetFolder()}>Use downloads</Button>}
          {room !== null && !room.isPersistent && room.canAsk && (
            <Button onClick={() => void askBrowser()}>Ask the browser to keep jobs</Button>
          )}
        </Box>
        {isRefused && (
          <Typography role="status" sx={{ mt: 1 }}>
            The browser refused. Most agree once Nivel is installed or used for some days.
          </Typography>
        )}
        <Box sx={{ mt: 1 }}>
          <GuideLink page="privacy" words="Where your data is" />
        </Box>
        {!canKeepInFolder() && (
          <Typography sx={{ color: 'var(--ink-soft)', fontSize: 14, mt: 1 }}>
            In this browser, each backup is a download.
          </Typography>
        )}
      </Sheet>
    </Section>
  );
}
