import { createTheme, type Theme } from '@mui/material/styles';

const text = "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif";
const names = "'Archivo Variable', system-ui, sans-serif";

/** The look's roles for MUI; the same values stand as variables in look.css. */
export function themeOf(dark: boolean): Theme {
  return createTheme({
    palette: dark
      ? {
          mode: 'dark',
          primary: { main: '#7fb7ee' },
          error: { main: '#ff8d86' },
          warning: { main: '#e2bd72' },
          success: { main: '#86cf91' },
          background: { default: '#12181b', paper: '#1b2226' },
          text: { primary: '#f0ece2', secondary: '#b4bfc5' },
          divider: '#4a555c',
        }
      : {
          mode: 'light',
          primary: { main: '#1b5c9e' },
          error: { main: '#9d1f1b' },
          warning: { main: '#7a5200' },
          success: { main: '#2c6638' },
          background: { default: '#efece3', paper: '#fbfaf6' },
          text: { primary: '#1d282e', secondary: '#51606a' },
          divider: '#c8c2b3',
        },
    shape: { borderRadius: 3 },
    typography: { fontFamily: text, fontSize: 14, button: { fontFamily: names, fontWeight: 650, textTransform: 'none', fontSize: 15 } },
    transitions: { create: () => 'none' },
    components: {
      // without a ripple nothing else would show where the keyboard is
      MuiButtonBase: {
        defaultProps: { disableRipple: true },
        styleOverrides: { root: { '&.Mui-focusVisible': { outline: '3px solid var(--chalk)', outlineOffset: 2, zIndex: 2 } } },
      },
      MuiPaper: { defaultProps: { elevation: 0 }, styleOverrides: { root: { backgroundImage: 'none', border: '1px solid var(--rule)' } } },
      MuiButton: {
        defaultProps: { disableElevation: true },
        styleOverrides: { outlined: { borderWidth: 2, borderColor: 'currentColor', color: 'var(--ink)' } },
      },
      MuiTextField: { defaultProps: { size: 'small', fullWidth: true } },
      MuiToggleButton: {
        defaultProps: { size: 'small' },
        styleOverrides: {
          root: {
            padding: '4px 9px',
            fontSize: 14,
            lineHeight: 1.3,
            whiteSpace: 'nowrap',
            fontWeight: 550,
            borderColor: 'var(--edge)',
            color: 'var(--ink)',
            '&.Mui-selected, &.Mui-selected:hover': { backgroundColor: 'var(--chalk)', color: 'var(--on-chalk)' },
          },
        },
      },
      MuiOutlinedInput: {
        styleOverrides: { notchedOutline: { borderColor: 'var(--edge)', '& legend': { fontSize: 14 } }, root: { backgroundColor: 'var(--sheet)' } },
      },
      MuiInputLabel: { styleOverrides: { root: { fontSize: 15, '&.MuiInputLabel-shrink': { fontSize: 14, transform: 'translate(14px, -10px) scale(1)' } } } },
      MuiFormHelperText: { styleOverrides: { root: { marginLeft: 0, fontSize: 14, lineHeight: 1.25 } } },
    },
  });
}
