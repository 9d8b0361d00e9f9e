import { styled } from '@mui/material/styles';
import { closeSnackbar, enqueueSnackbar, MaterialDesignContent, SnackbarProvider } from 'notistack';
import { useEffect } from 'react';
import { showNoticesWith } from '../device/notices.ts';

/** A notice is a strip of dark tape; what kind it is shows on its left edge, not in a ground that shouts. */
const Notice = styled(MaterialDesignContent)({
  '&&': {
    background: '#18292b',
    color: '#f6f7ef',
    fontSize: 15,
    borderRadius: 6,
    borderLeft: '8px solid var(--cured)',
    maxWidth: 560,
  },
  '&&.notistack-MuiContent-success': { borderLeftColor: 'var(--vial)' },
  '&&.notistack-MuiContent-warning': { borderLeftColor: '#e0983d' },
  '&&.notistack-MuiContent-error': { borderLeftColor: '#ec8370' },
});

const NOTICES = { default: Notice, info: Notice, success: Notice, warning: Notice, error: Notice };

/** Where notices are shown: at the foot of whatever screen is open. */
export default function Notices() {
  useEffect(() => showNoticesWith(enqueueSnackbar), []);
  return (
    // A tap closes notices, which can cover buttons.
    <div onClick={() => closeSnackbar()}>
      <SnackbarProvider
        maxSnack={3}
        autoHideDuration={5000}
        anchorOrigin={{ vertical: 'bottom', horizontal: 'center' }}
        Components={NOTICES}
      />
    </div>
  );
}
