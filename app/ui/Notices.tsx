import { styled } from '@mui/material/styles';
import {
  closeSnackbar,
  enqueueSnackbar,
  MaterialDesignContent,
  SnackbarProvider,
  type CustomContentProps,
} from 'notistack';
import { forwardRef, useEffect, type ComponentProps } from 'react';
import { showNoticesWith } from './notices.ts';

/** A notice is a strip of dark tape; what kind it is shows on its left edge, not in a ground that shouts. */
const Tape = styled(MaterialDesignContent)({
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

/** A tap takes a notice away, so that nobody has to wait for what lies beneath it. */
const Notice = forwardRef<HTMLDivElement, CustomContentProps>(function Notice(props, ref) {
  return <Tape {...(props as ComponentProps<typeof Tape>)} ref={ref} onClick={() => closeSnackbar(props.id)} />;
});

const NOTICES = { default: Notice, info: Notice, success: Notice, warning: Notice, error: Notice };

/** Where notices are shown: at the foot of whatever screen is open. */
export default function Notices() {
  useEffect(() => showNoticesWith(enqueueSnackbar), []);
  return (
    <SnackbarProvider
      maxSnack={3}
      autoHideDuration={5000}
      anchorOrigin={{ vertical: 'bottom', horizontal: 'center' }}
      Components={NOTICES}
    />
  );
}
