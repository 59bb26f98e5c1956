import Box from '@mui/material/Box';

/** A key, shown beside what it does. */
export function Key({ children }: { children: string }) {
  return (
    <Box
      component="kbd"
      sx={(t) => ({
        fontFamily: 'inherit',
        fontSize: 12,
        lineHeight: '18px',
        minWidth: 20,
        px: 0.5,
        display: { xs: 'none', sm: 'inline-block' },
        textAlign: 'center',
        border: `1px solid ${t.vars.palette.house.steel}`,
        borderBottomWidth: 2,
        borderRadius: 0.5,
      })}
    >
      {children}
    </Box>
  );
}
