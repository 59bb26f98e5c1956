import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { figures } from '../../theme';
import { words } from '../../words/en';

/** The sheet that is shown before anybody is known: the plate of the program, the fleet, and what is asked. */
export function SignInSheet({
  title,
  fleet,
  wide = false,
  children,
}: {
  title: string;
  fleet?: string | undefined;
  wide?: boolean;
  children: ReactNode;
}) {
  return (
    <Box
      component="main"
      sx={{ display: 'grid', justifyContent: 'center', alignContent: 'start', px: 1.5, py: { xs: 2, sm: 5 } }}
    >
      <title>{`${title} – Yellow Tally`}</title>
      <Box sx={{ width: { xs: 'calc(100vw - 24px)', sm: wide ? 720 : 420 }, maxWidth: 'calc(100vw - 24px)' }}>
        <Box
          sx={(t) => ({
            ...figures,
            position: 'relative',
            background: t.vars.palette.house.tag,
            color: t.vars.palette.house.onTag,
            border: `1.5px solid ${t.vars.palette.house.tagEdge}`,
            borderRadius: '12px',
            textAlign: 'center',
            px: 2,
            pt: '30px',
            pb: 1.5,
            mb: 2.5,
          })}
        >
          <Box
            aria-hidden
            sx={(t) => ({
              position: 'absolute',
              top: 10,
              left: 'calc(50% - 8px)',
              width: 16,
              height: 16,
              borderRadius: '50%',
              background: t.vars.palette.background.default,
              border: `1.5px solid ${t.vars.palette.house.tagEdge}`,
            })}
          />
          <Box sx={{ fontSize: 34, lineHeight: '40px' }}>{words.product}</Box>
          {fleet && <Box sx={{ fontSize: 18, overflowWrap: 'anywhere' }}>{fleet}</Box>}
        </Box>
        <Box component="h1" id="sign-in-title" sx={{ typography: 'h2', m: 0, mb: 1.5 }}>
          {title}
        </Box>
        {children}
      </Box>
    </Box>
  );
}
