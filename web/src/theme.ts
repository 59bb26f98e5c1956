import { printed } from './print';
import { createTheme } from '@mui/material/styles';

/** The house colours beyond what every palette has. */
interface HouseColours {
  beam: string;
  onBeam: string;
  tag: string;
  tagEdge: string;
  onTag: string;
  tagPale: string;
  rust: string;
  onRust: string;
  good: string;
  goodSoft: string;
  onGoodSoft: string;
  bench: string;
  onBench: string;
  hairline: string;
  steel: string;
  metal: string;
  mutedOnBeam: string;
}

declare module '@mui/material/styles' {
  /** The theme is CSS variables, in both schemes. */
  interface CssThemeVariables {
    enabled: true;
  }
  interface Palette {
    house: HouseColours;
  }
  interface PaletteOptions {
    house: HouseColours;
  }
}

const light: HouseColours = {
  beam: '#28322B',
  onBeam: '#F3F1E7',
  tag: '#FFD21F',
  tagEdge: '#C79C00',
  onTag: '#20261F',
  tagPale: '#F3EBCB',
  rust: '#A33A22',
  onRust: '#FFFFFF',
  good: '#2F5B43',
  goodSoft: '#5B8A6C',
  onGoodSoft: '#20261F',
  bench: '#3E6A8A',
  onBench: '#FFFFFF',
  hairline: '#DAD7C8',
  steel: '#59635C',
  metal: '#E1DECF',
  mutedOnBeam: '#C9D0C9',
};

const dark: HouseColours = {
  beam: '#101511',
  onBeam: '#F3F1E7',
  tag: '#FFD21F',
  tagEdge: '#C79C00',
  onTag: '#20261F',
  tagPale: '#4A4326',
  rust: '#E0785C',
  onRust: '#20130E',
  good: '#86C29D',
  goodSoft: '#5B8A6C',
  onGoodSoft: '#0F1410',
  bench: '#8DB8D8',
  onBench: '#10202B',
  hairline: '#3B443D',
  steel: '#8B968E',
  metal: '#39423B',
  mutedOnBeam: '#B5BDB6',
};

/** Where the focus is: ink on paper, yellow on the beam. Each ground says which by {@code --ring}. */
export const RING = { outline: '3px solid var(--ring)', outlineOffset: 2 } as const;

const condensed = '"Barlow Condensed", "Arial Narrow", sans-serif';

/** One theme holds the whole look; components take colour and spacing from here alone. */
export const theme = createTheme({
  cssVariables: { colorSchemeSelector: 'data-scheme' },
  colorSchemes: {
    light: {
      palette: {
        background: { default: '#F3F1E7', paper: '#FBFAF4' },
        text: { primary: '#20261F', secondary: '#59635C' },
        primary: { main: '#FFD21F', contrastText: '#20261F' },
        error: { main: '#A33A22' },
        success: { main: '#2F5B43' },
        divider: '#DAD7C8',
        house: light,
      },
    },
    dark: {
      palette: {
        background: { default: '#1A201B', paper: '#232A25' },
        text: { primary: '#EFEDE2', secondary: '#A9B3AB' },
        primary: { main: '#FFD21F', contrastText: '#20261F' },
        error: { main: '#E0785C' },
        success: { main: '#86C29D' },
        divider: '#3B443D',
        house: dark,
      },
    },
  },
  shape: { borderRadius: 6 },
  // Nothing fades in at a bench: what is there is there at once, and readable from its first moment.
  transitions: { create: () => 'none' },
  typography: {
    fontFamily: '"Barlow", Arial, sans-serif',
    fontSize: 14,
    h1: { fontFamily: condensed, fontWeight: 700, fontSize: 26, lineHeight: 1.15 },
    h2: { fontFamily: condensed, fontWeight: 700, fontSize: 20, lineHeight: 1.2 },
    h3: { fontFamily: condensed, fontWeight: 600, fontSize: 17, lineHeight: 1.2 },
    body1: { fontSize: 15 },
    body2: { fontSize: 14 },
    button: { textTransform: 'none', fontWeight: 600, fontSize: 15 },
    caption: { fontSize: 13 },
  },
  components: {
    MuiCssBaseline: {
      styleOverrides: (t) => ({
        html: {
          // The page is as wide where it is short: nothing jumps between screens.
          [t.breakpoints.up('md')]: { overflowY: 'scroll' },
          '--ring': t.vars.palette.text.primary,
        },
        body: { fontSize: 15 },
        ...printed(t),
        ':focus-visible': RING,
        'h1:focus-visible': { outline: 'none' },
        a: { color: 'inherit' },
        // A link is no smaller than a fingertip: in a workshop, and with gloves.
        ':where(main a[href], footer a[href])': {
          display: 'inline-block',
          minHeight: 24,
          [t.breakpoints.down('sm')]: { minHeight: 44, paddingBlock: 10 },
        },
      }),
    },
    MuiButtonBase: { defaultProps: { disableRipple: true } },
    MuiButton: {
      defaultProps: { disableElevation: true },
      styleOverrides: {
        root: {
          minHeight: 44,
          borderRadius: 6,
          padding: '8px 16px',
          '&.Mui-focusVisible': RING,
        },
        outlined: ({ theme: t }) => ({
          color: t.vars.palette.text.primary,
          borderColor: t.vars.palette.house.steel,
          '&:hover': {
            borderColor: t.vars.palette.text.primary,
            background: t.vars.palette.background.paper,
          },
        }),
        contained: ({ theme: t }) => ({
          border: `1px solid ${t.vars.palette.house.tagEdge}`,
          '&:hover': { background: t.vars.palette.house.tagEdge },
        }),
        text: ({ theme: t }) => ({ color: t.vars.palette.text.primary, textDecoration: 'underline' }),
      },
    },
    MuiInputBase: {
      styleOverrides: {
        root: ({ theme: t }) => ({
          background: t.vars.palette.background.paper,
          border: `1px solid ${t.vars.palette.house.steel}`,
          borderRadius: 6,
          minHeight: 44,
          fontSize: 16,
          '&.Mui-focused': {
            borderColor: 'var(--ring)',
            boxShadow: `0 0 0 2px var(--ring), 0 0 0 5px ${t.vars.palette.house.tag}`,
          },
          '&.Mui-error': { borderColor: t.vars.palette.house.rust },
        }),
        input: { padding: '8px 12px' },
      },
    },
    MuiDialog: { styleOverrides: { paper: { borderRadius: 8, boxShadow: 'none', backgroundImage: 'none' } } },
  },
});

/** Figures, tags and headings. */
export const figures = { fontFamily: condensed, fontWeight: 700 } as const;
