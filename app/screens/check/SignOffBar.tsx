import { formatMoment } from '../../../core/units/moments.ts';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { RoomCheck } from '../../../core/checking/round.ts';
import { capital } from '../../../core/units/sentence.ts';
import { useCommands, useJob, useNow } from '../../open-job/use-job.ts';

/** A room's signature: who went through it and when; what stands against it is said and not forbidden. */
export function SignOffBar({ check }: { check: RoomCheck }) {
  const job = useJob();
  const now = useNow();
  const { apply } = useCommands();
  const [isSigning, setIsSigning] = useState(false);
  const [by, setBy] = useState('');
  const [remark, setRemark] = useState('');
  const signed = job.signOffs.find(({ roomId }) => roomId === check.room.id);
  if (signed) {
    return (
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap' }}>
        <Box sx={{ color: 'var(--ready)', fontWeight: 700 }}>
          Signed off by {signed.by}, {formatMoment(signed.at, 'dateTime')}
        </Box>
        {signed.remark}
        <Button sx={{ minHeight: 44 }} onClick={() => apply('withdraw-sign-off', { roomId: check.room.id })}>
          Reopen
        </Button>
      </Box>
    );
  }
  if (!isSigning) {
    return (
      <Button variant="outlined" sx={{ minHeight: 48 }} onClick={() => setIsSigning(true)}>
        Sign off {check.room.name}
      </Button>
    );
  }
  return (
    <Box sx={{ display: 'grid', gap: 1.25, maxWidth: 520 }}>
      {check.against && (
        <Box role="note" sx={{ color: 'var(--tacky)', fontWeight: 650 }}>
          {capital(check.against)}. You can still sign off: note what you agreed.
        </Box>
      )}
      <TextField label="Signed by" value={by} autoFocus onChange={(event) => setBy(event.target.value)} />
      <TextField label="What was agreed" value={remark} onChange={(event) => setRemark(event.target.value)} multiline />
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button
          variant="contained"
          sx={{ minHeight: 48 }}
          disabled={by.trim() === ''}
          onClick={() => {
            const { ok } = apply('sign-off', { signOff: { roomId: check.room.id, at: now, by, remark } });
            if (ok) setIsSigning(false);
          }}
        >
          Sign
        </Button>
        <Button sx={{ minHeight: 48 }} onClick={() => setIsSigning(false)}>
          Cancel
        </Button>
      </Box>
    </Box>
  );
}
