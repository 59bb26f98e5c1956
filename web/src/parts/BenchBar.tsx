import { useEffect, useRef } from 'react';
import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

/** Room between the bar, the edge of the window, and what is seen above it. */
const BELOW = 24;

/** The dark bar at the foot of what the hand is doing: what it means, in sight all the way, and the keys to go on. */
export function BenchBar({ said, children }: { said: ReactNode; children: ReactNode }) {
  const bar = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const element = bar.current;
    return element ? keepsClearOf(element) : undefined;
  }, []);
  return (
    <Box
      ref={bar}
      sx={(t) => ({
        order: 4,
        '--ring': t.vars.palette.house.tag,
        position: 'sticky',
        // Where little of the page is in sight, as when it is enlarged, the bar covers nothing.
        '@media (max-height: 640px)': { position: 'static' },
        zIndex: 2,
        bottom: 8,
        background: t.vars.palette.house.beam,
        color: t.vars.palette.house.onBeam,
        border: `1px solid ${t.vars.palette.house.steel}`,
        // What cannot be pressed yet is still read on the dark bar.
        '& .MuiButton-root.Mui-disabled': {
          color: t.vars.palette.house.mutedOnBeam,
          borderColor: t.vars.palette.house.mutedOnBeam,
          background: 'transparent',
        },
        borderRadius: '8px',
        p: { xs: 1.25, sm: 1.75 },
        display: 'flex',
        flexWrap: 'wrap',
        gap: { xs: 1.25, sm: 1.75 },
        alignItems: 'center',
      })}
    >
      <Box
        role="status"
        aria-live="polite"
        sx={{
          display: 'flex',
          flexWrap: 'wrap',
          columnGap: 2.5,
          rowGap: 0.5,
          alignItems: 'center',
          flex: '1 1 280px',
        }}
      >
        {said}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>{children}</Box>
    </Box>
  );
}

/**
 * The bar grows with what it says. Whatever has the focus is scrolled clear of it, at the next key and where the bar grows over it.
 */
function keepsClearOf(bar: HTMLElement): () => void {
  const page = document.documentElement.style;
  const watch = new ResizeObserver(() => {
    page.scrollPaddingBottom = `${bar.offsetHeight + BELOW}px`;
    if (!bar.contains(document.activeElement)) document.activeElement?.scrollIntoView({ block: 'nearest' });
  });
  watch.observe(bar);
  return () => {
    watch.disconnect();
    page.scrollPaddingBottom = '';
  };
}
