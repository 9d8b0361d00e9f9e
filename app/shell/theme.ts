import { createTheme } from '@mui/material/styles';

const FAMILY = "'Archivo Variable', system-ui, sans-serif";
const condensed = { fontStretch: '76%', fontWeight: 700, lineHeight: 1.15 };

/** Nivel's own look on MUI's parts; colours come from tokens.css, where light, dark and site mode are told apart. */
export const theme = createTheme({
  cssVariables: { colorSchemeSelector: 'data-scheme' },
  colorSchemes: {
    light: {
      palette: {
        primary: { main: '#0e4f49', contrastText: '#f6f7ef' },
        secondary: { main: '#5d6b12' },
        error: { main: '#a33a28' },
        warning: { main: '#965300' },
        success: { main: '#44721a' },
        info: { main: '#2b6cb0' },
        text: { primary: '#18292b', secondary: '#4b5d5f' },
        background: { default: '#f3f1ea', paper: '#fbfaf6' },
        divider: '#d6d2c4',
      },
    },
    dark: {
      palette: {
        primary: { main: '#7fc4b4', contrastText: '#0c2f2b' },
        secondary: { main: '#bccf35' },
        error: { main: '#ec8370' },
        warning: { main: '#e0983d' },
        success: { main: '#9cc767' },
        info: { main: '#6ea8e8' },
        text: { primary: '#ecebe2', secondary: '#a9b7b5' },
        background: { default: '#12191a', paper: '#1a2425' },
        divider: '#34413f',
      },
    },
  },
  shape: { borderRadius: 6 },
  typography: {
    fontFamily: FAMILY,
    fontSize: 15,
    h1: { ...condensed, fontSize: 30 },
    h2: { ...condensed, fontSize: 22 },
    h3: { ...condensed, fontSize: 18 },
    body1: { fontSize: 15 },
    body2: { fontSize: 14 },
    caption: { fontSize: 13 },
    button: { textTransform: 'none', fontWeight: 650, fontSize: 15 },
  },
  components: {
    MuiPaper: { styleOverrides: { root: { backgroundImage: 'none' } } },
    MuiButton: {
      defaultProps: { disableElevation: true },
      styleOverrides: { root: { minHeight: 38, borderWidth: 1.5 } },
    },
    MuiTooltip: {
      defaultProps: { arrow: true },
      styleOverrides: { tooltip: { fontSize: 13, background: '#18292b', maxWidth: 340, padding: '8px 12px' } },
    },
    MuiTextField: { defaultProps: { size: 'small' }, styleOverrides: { root: { marginTop: 5 } } },
    MuiFormLabel: { styleOverrides: { root: { fontSize: 15 } } },
    MuiInputLabel: { styleOverrides: { shrink: { transform: 'translate(12px, -10px) scale(0.88)' } } },
    MuiDialogTitle: { styleOverrides: { root: { ...condensed, fontSize: 24 } } },
    MuiFormHelperText: { styleOverrides: { root: { fontSize: 13, marginLeft: 2, lineHeight: 1.3 } } },
    MuiOutlinedInput: {
      styleOverrides: {
        root: { background: 'var(--sheet)' },
        notchedOutline: { borderColor: 'var(--line)', '& legend': { fontSize: '0.88em' } },
      },
    },
    MuiToggleButton: {
      styleOverrides: {
        root: {
          textTransform: 'none',
          fontSize: 14,
          padding: '5px 12px',
          borderColor: 'var(--line)',
          color: 'var(--ink)',
          '&.Mui-selected, &.Mui-selected:hover': { background: 'var(--bottle)', color: 'var(--on-bottle)' },
        },
      },
    },
    MuiChip: { styleOverrides: { root: { fontSize: 13, borderRadius: 4 } } },
    MuiMenuItem: { styleOverrides: { root: { fontSize: 15 } } },
    MuiDialog: {
      // A dialog that was closed is out of the way at once, for keys and screen readers, while it still fades.
      defaultProps: { closeAfterTransition: false },
      styleOverrides: { paper: { borderRadius: 10 } },
    },
  },
});
