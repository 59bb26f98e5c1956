/** What stands on paper alone. */
export const onPaper = { display: 'none', '@media print': { display: 'block' } } as const;

/** What a hand presses has no use on paper. */
const PRESSED = [
  'header',
  'nav',
  'search',
  'button',
  'form',
  'a.MuiButton-root',
  'a[href="#main"]',
  'footer a',
  '.on-screen',
].join(', ');

/** A page as it is printed: what is read, small and close, with its drawings in their colours. */
export const PRINT = {
  '@page': { size: 'A4', margin: '14mm 12mm' },
  '@media print': {
    [PRESSED]: { display: 'none !important' },
    html: { zoom: 0.72 },
    body: { background: '#FFFFFF' },
    'main, footer': { paddingLeft: '0 !important', paddingRight: '0 !important' },
    '*': { printColorAdjust: 'exact', WebkitPrintColorAdjust: 'exact' },
    'a, a:visited': { textDecoration: 'none' },
    // A line is on one page, and a heading with what it is over.
    'li, tr, figure, svg': { breakInside: 'avoid' },
    'h1, h2, h3': { breakAfter: 'avoid' },
  },
} as const;
