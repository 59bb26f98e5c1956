import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { useCallback, useState } from 'react';

const LEAST = 240;

/**
 * A chart drawn one to one: as wide as there is room, at most `most`, and never shrunk as a whole, so that its figures
 * keep their size on a phone.
 */
export function ChartSvg({
  label,
  most,
  height,
  children,
}: {
  label: string;
  most: number;
  height: number;
  children: (width: number) => ReactNode;
}) {
  const [width, setWidth] = useState(most);
  const room = useCallback(
    (box: HTMLElement | null) => {
      if (!box) return;
      const seen = new ResizeObserver(([entry]) => {
        if (entry) setWidth(Math.min(most, Math.max(LEAST, Math.floor(entry.contentRect.width))));
      });
      seen.observe(box);
      return () => seen.disconnect();
    },
    [most],
  );
  return (
    <Box ref={room} sx={{ minWidth: 0 }}>
      <Box
        component="svg"
        role="img"
        aria-label={label}
        viewBox={`0 0 ${width} ${height}`}
        sx={{ width, maxWidth: '100%', display: 'block', fontFamily: 'inherit' }}
      >
        {children(width)}
      </Box>
    </Box>
  );
}
