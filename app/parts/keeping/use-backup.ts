import { counted } from '../../../core/units/sentence.ts';
import { useLiveQuery } from 'dexie-react-hooks';
import { DateTime } from 'luxon';
import { accepted, refused, type Outcome } from '../../../core/units/outcome.ts';
import { database } from '../../keeping/database.ts';
import { reasonOf } from '../../keeping/reason.ts';
import { startBackup, type BackupProgress, type WrittenBackup } from '../../asking/backup.ts';
import { downloadBlob } from '../../device/download.ts';
import { notify } from '../../device/notices.ts';
import { sizeWords } from './size-words.ts';
import { useWorkerQuery } from '../../asking/use-worker-query.ts';

/** Backups are downloads again. */
export const forgetFolder = (): Promise<void> => database.meta.delete('backup-folder');

/** The last backup that was read back, and the folder that the painter chose for backups. */
export function useLastBackup(): { at: string | null; folder: FileSystemDirectoryHandle | null } | undefined {
  return useLiveQuery(async () => {
    const [last, kept] = await Promise.all([database.meta.get('backup'), database.meta.get('backup-folder')]);
    return {
      at: last?.key === 'backup' ? last.at : null,
      folder: kept?.key === 'backup-folder' ? kept.folder : null,
    };
  }, []);
}

/** Whether this browser can write into a folder by itself. */
export const canKeepInFolder = (): boolean => 'showDirectoryPicker' in window;

/** Has the painter choose the folder for backups. What can't be chosen is told; nothing changes where none is. */
export async function chooseFolder(): Promise<void> {
  try {
    const folder = await window.showDirectoryPicker({ id: 'nivel-backups', mode: 'readwrite' });
    await database.meta.put({ key: 'backup-folder', folder });
  } catch (error) {
    if (error instanceof DOMException && error.name === 'AbortError') return;
    notify(`Can’t use that folder: ${reasonOf(error)}. Backups stay downloads.`, { variant: 'error' });
  }
}

/** As a sentence: “2 jobs and 31 photos, 12.4 MB”. */
export function backupWords({ jobs, pictures, bytes }: Pick<WrittenBackup, 'jobs' | 'pictures' | 'bytes'>): string {
  const photos = pictures === 0 ? '' : ` and ${counted(pictures, 'photo')}`;
  return `${counted(jobs, 'job')}${photos}, ${sizeWords(bytes)}`;
}

/** The file in which a backup of this moment is kept; one a day, the last of the day in its place. */
export const backupName = (): string => `nivel-backup-${DateTime.now().toISODate()}.zip`;

/** Where a backup goes: into the chosen folder, or null to be handed over. Refuses a folder that can’t be written to. */
async function targetIn(
  folder: FileSystemDirectoryHandle | null,
  isAsked: boolean,
): Promise<Outcome<FileSystemFileHandle | null>> {
  if (folder === null) return accepted(null);
  try {
    let allowed = await folder.queryPermission({ mode: 'readwrite' });
    if (allowed === 'prompt' && isAsked) allowed = await folder.requestPermission({ mode: 'readwrite' });
    if (allowed === 'granted') return accepted(await folder.getFileHandle(backupName(), { create: true }));
    return refused(`This browser won’t let Nivel write to ${folder.name}.`);
  } catch (error) {
    return refused(`Can’t write to ${folder.name}: ${reasonOf(error)}.`);
  }
}

/** Backs everything up from a screen, with how far it has come. */
export function useBackup() {
  const last = useLastBackup();
  const asked = useWorkerQuery<BackupProgress | { written: WrittenBackup } | { fault: string }>();
  const backUp = (isAsked = true): void =>
    asked.ask((tell) => {
      let under: { cancel(): void } | null = null;
      let isStopped = false;
      const run = async (): Promise<{ written: WrittenBackup } | { fault: string }> => {
        const target = await targetIn(last?.folder ?? null, isAsked);
        if (isStopped) return { fault: 'Backup stopped.' };
        if (!target.ok && !isAsked) return { fault: target.message };
        if (!target.ok) notify(`${target.message} This backup is a download.`, { variant: 'warning' });
        const backup = startBackup(null, target.ok ? target.value : null, tell);
        under = backup;
        const outcome = await backup.result;
        if (!outcome.ok) return { fault: outcome.message };
        const { file, jobs, pictures, bytes } = outcome.value;
        if (file) downloadBlob(backupName(), file);
        await database.meta.put({ key: 'backup', at: new Date().toISOString(), jobs, pictures, bytes });
        notify(`Backed up and checked: ${backupWords(outcome.value)}.`, { variant: 'success' });
        return { written: outcome.value };
      };
      const cancel = (): void => {
        isStopped = true;
        under?.cancel();
      };
      return { result: run(), cancel };
    });
  return { ...asked, last, backUp };
}
