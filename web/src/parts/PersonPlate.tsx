import Box from '@mui/material/Box';
import { figures } from '../theme';

/** Somebody's own tally, to be taken from its hook: a name, and under it what there is to say. */
export function PersonPlate({
  name,
  under,
  disabled = false,
  onClick,
}: {
  name: string;
  under?: string;
  disabled?: boolean;
  onClick: () => void;
}) {
  return (
    <Box
      component="button"
      type="button"
      disabled={disabled}
      onClick={onClick}
      sx={(t) => ({
        font: 'inherit',
        display: 'grid',
        gridTemplateColumns: '18px minmax(0, 1fr)',
        alignItems: 'center',
        columnGap: 1.25,
        textAlign: 'left',
        minHeight: 52,
        width: '100%',
        px: 1.5,
        py: 0.75,
        cursor: 'pointer',
        color: t.vars.palette.house.onTag,
        background: t.vars.palette.house.tag,
        border: `1.5px solid ${t.vars.palette.house.tagEdge}`,
        borderRadius: '9px',
        outlineOffset: 2,
        '&:hover': { background: t.vars.palette.house.tagEdge },
        '&:disabled': { opacity: 0.6, cursor: 'default' },
      })}
    >
      <Box
        component="span"
        aria-hidden
        sx={(t) => ({
          width: 14,
          height: 14,
          borderRadius: '50%',
          background: t.vars.palette.background.default,
          border: `1.5px solid ${t.vars.palette.house.tagEdge}`,
        })}
      />
      <Box component="span" sx={{ minWidth: 0 }}>
        <Box
          component="span"
          sx={{ ...figures, display: 'block', fontSize: 20, lineHeight: '22px', overflowWrap: 'anywhere' }}
        >
          {name}
        </Box>
        {under && (
          <Box component="span" sx={{ fontSize: 13, fontWeight: 600 }}>
            {under}
          </Box>
        )}
      </Box>
    </Box>
  );
}
