import { useLiveQuery } from 'dexie-react-hooks';
import { DateTime } from 'luxon';
import { database } from '../../store/database.ts';
import { startBackup, type BackupProgress, type WrittenBackup } from '../../workers/backup.ts';
import { downloadBlob } from '../download.ts';
import { notify } from '../notices.ts';
import { sizeWords } from '../size-words.ts';
import { useAsked } from '../use-asked.ts';

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

/** Has the painter choose the folder for backups; false where none was chosen. */
export async function chooseFolder(): Promise<boolean> {
  try {
    const folder = await window.showDirectoryPicker({ id: 'nivel-backups', mode: 'readwrite' });
    await database.meta.put({ key: 'backup-folder', folder });
    return true;
  } catch (error) {
    if (error instanceof DOMException && error.name === 'AbortError') return false;
    throw error;
  }
}

/** As a sentence: “2 jobs and 31 photos, 12.4 MB”. */
export function backupWords({ jobs, pictures, bytes }: Pick<WrittenBackup, 'jobs' | 'pictures' | 'bytes'>): string {
  const photos = pictures === 0 ? '' : ` and ${pictures} ${pictures === 1 ? 'photo' : 'photos'}`;
  return `${jobs} ${jobs === 1 ? 'job' : 'jobs'}${photos}, ${sizeWords(bytes)}`;
}

/** The file in which a backup of this moment is kept; one a day, the last of the day in its place. */
export const backupName = (): string => `nivel-backup-${DateTime.now().toISODate()}.zip`;

/** Where a backup goes: into the chosen folder where the browser still lets us, or else to be handed over. */
async function targetIn(
  folder: FileSystemDirectoryHandle | null,
  isAsked: boolean,
): Promise<FileSystemFileHandle | null> {
  if (folder === null) return null;
  let allowed = await folder.queryPermission({ mode: 'readwrite' });
  if (allowed === 'prompt' && isAsked) allowed = await folder.requestPermission({ mode: 'readwrite' });
  if (allowed !== 'granted') return null;
  return folder.getFileHandle(backupName(), { create: true });
}

/** Backs everything up from a screen, with how far it has come. */
export function useBackup() {
  const last = useLastBackup();
  const asked = useAsked<BackupProgress | { written: WrittenBackup } | { fault: string }>();
  const backUp = (isAsked = true): void =>
    asked.ask((tell) => {
      let under: { cancel(): void } | null = null;
      const run = async (): Promise<{ written: WrittenBackup } | { fault: string }> => {
        const target = await targetIn(last?.folder ?? null, isAsked);
        const backup = startBackup(null, target, tell);
        under = backup;
        const outcome = await backup.result;
        if (!outcome.ok) return { fault: outcome.message };
        const { file, jobs, pictures, bytes } = outcome.value;
        if (file) downloadBlob(backupName(), file);
        await database.meta.put({ key: 'backup', at: new Date().toISOString(), jobs, pictures, bytes });
        notify(`Backed up and read back: ${backupWords(outcome.value)}.`, { variant: 'success' });
        return { written: outcome.value };
      };
      return { result: run(), cancel: () => under?.cancel() };
    });
  return { ...asked, last, backUp };
}
