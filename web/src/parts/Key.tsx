import Box from '@mui/material/Box';
import type { Command } from '../shell/commands';
import { printed } from '../shell/commands';

/** A key, shown beside what it does: that of a command, or one that is counted out on the spot. */
export function Key({ of, children }: { of?: Command; children?: string }) {
  return (
    <Box
      component="kbd"
      sx={(t) => ({
        fontFamily: 'inherit',
        fontSize: 12,
        lineHeight: '18px',
        minWidth: 20,
        px: 0.5,
        ml: 0.75,
        display: { xs: 'none', sm: 'inline-block' },
        textAlign: 'center',
        border: `1px solid ${t.vars.palette.house.steel}`,
        borderBottomWidth: 2,
        borderRadius: 0.5,
      })}
    >
      {of ? printed(of.key) : children}
    </Box>
  );
}
