import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { DEFECTS } from '../../../core/checking/defects.ts';
import { DEFECT_IDS, type DefectId } from '../../../core/job/document/defect-schema.ts';
import { useLocalise } from '../../open-job/use-job.ts';

interface DefectPickerProps {
  onPick(kind: DefectId): void;
  onCancel(): void;
}

/** What it is: every defect with what it looks like. */
export function DefectPicker({ onPick, onCancel }: DefectPickerProps) {
  const localise = useLocalise();
  return (
    <Box component="section" aria-label="Which defect?">
      <Box sx={{ display: 'flex', alignItems: 'center', justifyContent: 'space-between', mb: 1 }}>
        <strong style={{ fontSize: 18 }}>Which defect?</strong>
        <Button sx={{ minHeight: 44 }} onClick={onCancel}>
          {' '}
          Cancel
        </Button>
      </Box>
      <Box
        component="ul"
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' },
          gap: 1,
          maxHeight: { md: 560 },
          overflowY: 'auto',
        }}
      >
        {DEFECT_IDS.map((kind) => (
          <li key={kind}>
            <Box
              component="button"
              type="button"
              onClick={() => onPick(kind)}
              sx={{
                width: '100%',
                minHeight: 64,
                textAlign: 'left',
                font: 'inherit',
                color: 'inherit',
                background: 'var(--sheet)',
                border: '1px solid var(--line)',
                borderLeft: '6px solid var(--late)',
                borderRadius: '6px',
                px: 1.25,
                py: 0.75,
                cursor: 'pointer',
                '&:hover': { borderColor: 'var(--ink)' },
              }}
            >
              <strong>{localise(DEFECTS[kind].name)}</strong>
              <Box
                component="span"
                sx={{ display: 'block', fontSize: 13.5, lineHeight: 1.3, color: 'var(--ink-soft)' }}
              >
                {localise(DEFECTS[kind].looksLike)}
              </Box>
            </Box>
          </li>
        ))}
      </Box>
    </Box>
  );
}
