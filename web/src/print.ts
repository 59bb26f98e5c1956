import type { Theme } from '@mui/material/styles';

/** What stands on paper alone. */
export const onPaper = { display: 'none', '@media print': { display: 'block' } } as const;

/** What a hand presses has no use on paper. */
const PRESSED = [
  'header',
  'nav',
  'search',
  ':not(th) > button',
  'form',
  'a.MuiButton-root',
  'a[href="#main"]',
  'footer a',
  '.on-screen',
].join(', ');

/** The light scheme's colours, whatever light the workshop has: paper is white. */
function light(theme: Pick<Theme, 'generateStyleSheets'>): object {
  const sheets: Record<string, unknown>[] = theme.generateStyleSheets();
  const own = sheets.flatMap((sheet) => Object.entries(sheet)).filter(([whose]) => !whose.includes('dark'));
  return Object.assign({}, ...own.map(([, css]) => css as object)) as object;
}

/** A page as it is printed: what is read, small and close, with its drawings in their colours. */
export const printed = (theme: Pick<Theme, 'generateStyleSheets'>) => ({
  '@page': { size: 'A4', margin: '14mm 12mm' },
  '@media print': {
    ':root:root[data-scheme]': light(theme),
    [PRESSED]: { display: 'none !important' },
    html: { zoom: 0.72 },
    body: { background: '#FFFFFF !important' },
    'main, footer': { paddingLeft: '0 !important', paddingRight: '0 !important' },
    '*': { printColorAdjust: 'exact', WebkitPrintColorAdjust: 'exact' },
    'a, a:visited': { textDecoration: 'none' },
    // A line is on one page, and a heading with what it is over.
    'li, tr, figure, svg': { breakInside: 'avoid' },
    'h1, h2, h3': { breakAfter: 'avoid' },
  },
});
