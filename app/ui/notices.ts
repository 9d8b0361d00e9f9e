import { styled } from '@mui/material/styles';
import { MaterialDesignContent } from 'notistack';

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

export const NOTICES = { default: Notice, info: Notice, success: Notice, warning: Notice, error: Notice };
