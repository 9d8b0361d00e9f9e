import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import type { BackupProgress } from '../../asking/backup.ts';

const WORDS: Readonly<Record<BackupProgress['doing'], string>> = {
  writing: 'Saving the backup',
  checking: 'Checking the backup',
  reading: 'Reading the file',
  keeping: 'Saving its photos',
};

/** How far a backup, or the reading of one, has come; it can be given up. */
export function BackupProgressLine({ progress, onCancel }: { progress: BackupProgress | null; onCancel(): void }) {
  const { doing, done, all } = progress ?? { doing: 'reading', done: 0, all: 0 };
  const share = all === 0 ? 0 : (100 * done) / all;
  return (
    <Box role="status" sx={{ display: 'flex', alignItems: 'center', gap: 2, my: 1 }}>
      <Box sx={{ flex: '0 0 auto' }}>
        {WORDS[doing]}
        {all > 1 && `, ${done} of ${all}`}
      </Box>
      <LinearProgress
        aria-label={WORDS[doing]}
        variant={all > 1 ? 'determinate' : 'indeterminate'}
        value={share}
        sx={{ flex: 1 }}
      />
      <Button onClick={onCancel}>Stop</Button>
    </Box>
  );
}
