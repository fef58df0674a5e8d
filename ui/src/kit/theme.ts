import { createTheme } from '@mui/material/styles';

/**
 * The enamel sign and the plant marker: made to be read outdoors, in sun, at arm's length. Flat, sturdy rules instead
 * of shadows, one small radius everywhere.
 */
/** px that the places take at the foot of a phone's screen */
export const foot = 60;

export const heading = '"Bricolage Grotesque Variable", "Helvetica Neue", Arial, sans-serif';
const text = '"Atkinson Hyperlegible Next", "Helvetica Neue", Arial, sans-serif';

export const radius = 3;

declare module '@mui/material/styles' {
  interface Palette {
    rule: string;
    quiet: string;
    caution: { main: string; ground: string };
  }
  interface PaletteOptions {
    rule?: string;
    quiet?: string;
    caution?: { main: string; ground: string };
  }
}

/** Who asked the machine for less motion gets none: what opens is open at once. */
const still = globalThis.matchMedia?.('(prefers-reduced-motion: reduce)').matches ?? false;
const atOnce = {
  shortest: 0,
  shorter: 0,
  short: 0,
  standard: 0,
  complex: 0,
  enteringScreen: 0,
  leavingScreen: 0,
};

export const theme = createTheme({
  ...(still ? { transitions: { create: () => 'none', duration: atOnce } } : {}),
  cssVariables: { colorSchemeSelector: 'data-mode' },
  colorSchemes: {
    light: {
      palette: {
        background: { default: '#f1f5f3', paper: '#ffffff' },
        text: { primary: '#14231c', secondary: '#435349' },
        primary: { main: '#14231c', contrastText: '#ffffff' },
        error: { main: '#c22a16', contrastText: '#ffffff' },
        divider: '#14231c',
        rule: '#14231c',
        quiet: '#cfdad4',
        caution: { main: '#8c4326', ground: '#fbeee7' },
      },
    },
    dark: {
      palette: {
        background: { default: '#0e1613', paper: '#16211c' },
        text: { primary: '#e4ede8', secondary: '#a9bab1' },
        primary: { main: '#d7e5dd', contrastText: '#0e1613' },
        error: { main: '#ff8069', contrastText: '#1c0703' },
        divider: '#7d9187',
        rule: '#7d9187',
        quiet: '#33433b',
        caution: { main: '#f0b090', ground: '#2c1d15' },
      },
    },
  },
  shape: { borderRadius: radius },
  shadows: Array(25).fill('none') as never,
  typography: {
    fontFamily: text,
    fontSize: 16,
    htmlFontSize: 16,
    body1: { fontSize: '1rem', lineHeight: 1.45, fontVariantNumeric: 'tabular-nums' },
    body2: { fontSize: '1rem', lineHeight: 1.4, fontVariantNumeric: 'tabular-nums' },
    h1: { fontFamily: heading, fontSize: '1.75rem', fontWeight: 750, lineHeight: 1.15 },
    h2: { fontFamily: heading, fontSize: '1.25rem', fontWeight: 700, lineHeight: 1.2 },
    h3: { fontFamily: heading, fontSize: '1.0625rem', fontWeight: 700, lineHeight: 1.25 },
    button: { fontFamily: heading, fontSize: '1rem', fontWeight: 650, textTransform: 'none' },
  },
  components: {
    MuiCssBaseline: {
      styleOverrides: {
        body: { fontVariantNumeric: 'tabular-nums' },
        // What is come to is not left under the places at the bottom of a phone.
        '@media (max-width: 899.95px)': { html: { scrollPaddingBottom: foot + 8 } },
        em: { fontStyle: 'italic' },
        '@media (prefers-reduced-motion: reduce)': {
          '*, *::before, *::after': { animation: 'none !important' },
        },
        '@page': { margin: '12mm' },
        ':focus-visible': { outline: '3px solid #1766c2', outlineOffset: 2 },
      },
    },
    MuiButtonBase: { defaultProps: { disableRipple: true } },
    MuiButton: {
      defaultProps: { disableElevation: true, variant: 'outlined' },
      styleOverrides: {
        root: { minHeight: 44, borderWidth: 2, paddingInline: 16, '&:hover': { borderWidth: 2 } },
        outlined: ({ theme: t }) => ({ borderColor: t.vars?.palette.rule }),
      },
    },
    MuiOutlinedInput: {
      styleOverrides: {
        root: ({ theme: t }) => ({
          minHeight: 44,
          backgroundColor: t.vars?.palette.background.paper,
          '& .MuiOutlinedInput-notchedOutline': { borderWidth: 2, borderColor: t.vars?.palette.rule },
          '&.Mui-error .MuiOutlinedInput-notchedOutline': { borderColor: t.vars?.palette.error.main },
        }),
        input: { paddingBlock: 9, paddingInline: 12 },
      },
    },
    MuiToggleButton: {
      styleOverrides: {
        root: ({ theme: t }) => ({
          minHeight: 44,
          paddingInline: 12,
          borderWidth: 2,
          borderColor: t.vars?.palette.rule,
          color: t.vars?.palette.text.primary,
          textTransform: 'none',
          '&.Mui-selected': {
            backgroundColor: t.vars?.palette.primary.main,
            color: t.vars?.palette.primary.contrastText,
          },
          '&.Mui-selected:hover': { backgroundColor: t.vars?.palette.primary.main },
        }),
      },
    },
    MuiIconButton: { styleOverrides: { root: { minWidth: 44, minHeight: 44 } } },
    MuiDialog: {
      styleOverrides: { paper: ({ theme: t }) => ({ border: `2px solid ${t.vars?.palette.rule}` }) },
    },
    MuiPopover: {
      styleOverrides: { paper: ({ theme: t }) => ({ border: `2px solid ${t.vars?.palette.rule}` }) },
    },
    MuiAutocomplete: {
      defaultProps: { size: 'small' },
      styleOverrides: { paper: ({ theme: t }) => ({ border: `2px solid ${t.vars?.palette.rule}` }) },
    },
    MuiMenuItem: { styleOverrides: { root: { minHeight: 44, fontSize: '1rem' } } },
    MuiTooltip: { styleOverrides: { tooltip: { fontSize: '1rem' } } },
  },
});
