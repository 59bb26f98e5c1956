import Box from '@mui/material/Box';
import { Link } from 'react-router';
import { useSignIn } from '../api/queries';
import { useSignOut } from './signOut';

/** Whose records these will be, in the beam of every screen; on a shared device the way to the next is beside it. */
export function WhoIsHere() {
  const { data: state } = useSignIn();
  const signOut = useSignOut();
  if (!state?.me) return null;
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, minWidth: 0 }}>
      <Box
        component={Link}
        to="/account"
        aria-label={`Signed in: ${state.me.name}`}
        sx={{
          color: 'inherit',
          fontSize: 15,
          fontWeight: 600,
          lineHeight: { xs: '44px', sm: '34px' },
          // On a phone the way to the next stands beside it.
          maxWidth: { xs: state.device?.shared ? 72 : 124, sm: 124 },
          overflow: 'hidden',
          textOverflow: 'ellipsis',
          whiteSpace: 'nowrap',
        }}
      >
        {state.me.name}
      </Box>
      {state.device?.shared && (
        <Box
          component="button"
          onClick={() => void signOut()}
          sx={(t) => ({
            font: 'inherit',
            fontSize: { xs: 13, sm: 14 },
            minHeight: { xs: 44, sm: 34 },
            px: { xs: 0.75, sm: 1.25 },
            color: 'inherit',
            background: 'transparent',
            border: `1px solid ${t.vars.palette.house.steel}`,
            borderRadius: '5px',
            cursor: 'pointer',
            whiteSpace: 'nowrap',
          })}
        >
          Change over
        </Box>
      )}
    </Box>
  );
}
