import { GuideLink } from '../../parts/GuideLink.tsx';
import Alert from '@mui/material/Alert';
import { BackupProgressLine } from '../../parts/keeping/BackupProgressLine.tsx';
import type { Importing } from './use-importing.tsx';

/** How far an import is, and why the last one brought nothing. */
export function ImportStatus({ importing: { reading, fault, tell } }: { importing: Importing }) {
  return (
    <>
      {reading.isAsking && <BackupProgressLine progress={reading.answer} onCancel={reading.cancel} />}
      {fault && (
        <Alert
          severity="error"
          onClose={() => {
            tell(null);
            reading.forget();
          }}
          sx={{ mb: 3 }}
        >
          {fault} No changes made. <GuideLink page="files" words="Which files are read" />
        </Alert>
      )}
    </>
  );
}
