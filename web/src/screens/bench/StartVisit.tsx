import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useNavigate } from 'react-router';
import { useSigned } from '../../shell/signed';

/** Lays a saw on the bench and goes to its visit. */
export function useStartVisit(tag: string) {
  const navigate = useNavigate();
  const write = useSigned('/api/saws/{tag}/visits', { path: { tag } });
  const start = () => write.send({}, { onSuccess: (visit) => void navigate(`/bench/${visit.id}`) });
  return { start, error: write.error, ready: write.ready };
}

/** The key that does it. */
export function StartVisit({ tag }: { tag: string }) {
  const { start, error, ready } = useStartVisit(tag);
  return (
    <Box>
      <Button variant="outlined" disabled={!ready} onClick={() => start()}>
        Start visit
      </Button>
      {error && (
        <Box role="alert" sx={{ color: 'error.main', fontSize: 14 }}>
          {error.message}
        </Box>
      )}
    </Box>
  );
}
