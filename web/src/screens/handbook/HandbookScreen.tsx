import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import Markdown from 'react-markdown';
import { Link, useParams } from 'react-router';
import remarkGfm from 'remark-gfm';
import { Quiet } from '../../parts/Quiet';
import { words } from '../../words/en';
import { withInches } from '../../words/units';
import { PAGES, sectionOf } from './pages';

/** The handbook of the job: why the program says what it says, one page for each part of the work. */
export default function HandbookScreen() {
  const { section } = useParams();
  const page = PAGES.find((p) => p.section === Number(section ?? 0));
  if (!page) return <Quiet>{words.noScreen}</Quiet>;
  return (
    <>
      <title>{`${page.title} – Yellow Tally`}</title>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) 220px' },
          columnGap: 4,
          my: 2,
        }}
      >
        <Box component="article" sx={TEXT}>
          <h1>{page.title}</h1>
          <Markdown remarkPlugins={[remarkGfm]} components={{ a: PageLink }}>
            {withInches(page.text)}
          </Markdown>
        </Box>
        <Box component="nav" aria-label="Handbook" sx={{ order: { xs: 2, md: 0 }, fontSize: 15 }}>
          {PAGES.map((p) => (
            <Box key={p.section} sx={{ py: 0.4, fontWeight: p === page ? 700 : 400 }}>
              <Link to={addressOf(p.section)} aria-current={p === page ? 'page' : undefined}>
                {p.title}
              </Link>
            </Box>
          ))}
        </Box>
      </Box>
    </>
  );
}

function addressOf(section: number): string {
  return section === 0 ? '/handbook' : `/handbook/${section}`;
}

/** A link to another page of the handbook stays in it; other documents are not on screen, so their names are only told. */
function PageLink({ href, children }: { href?: string | undefined; children?: ReactNode }) {
  const section = sectionOf(href ?? '');
  return section === undefined ? <span>{children}</span> : <Link to={addressOf(section)}>{children}</Link>;
}

const TEXT = {
  maxWidth: 860,
  '& h1': { typography: 'h1', mt: 0 },
  '& h2': { typography: 'h2', mt: 3, mb: 0.5 },
  '& table': { borderCollapse: 'collapse', my: 1.5, display: 'block', overflowX: 'auto' },
  '& th, & td': {
    textAlign: 'left',
    verticalAlign: 'top',
    py: 0.5,
    pr: 2,
    borderBottom: '1px solid',
    borderColor: 'divider',
  },
  '& code': { fontSize: '0.9em', overflowWrap: 'anywhere' },
  '& pre': { overflowX: 'auto', fontSize: 13.5 },
};
