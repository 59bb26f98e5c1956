import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { device, newId } from '../../api/client';
import { useWrite } from '../../api/queries';
import { usePerson } from '../../shell/person';

/** Lays a saw on the bench and goes to its visit. */
export function useStartVisit(tag: string) {
  const navigate = useNavigate();
  const { person } = usePerson();
  const [id] = useState(newId);
  const write = useWrite('/api/saws/{tag}/visits', { path: { tag: tag } });
  const start = () =>
    person &&
    !write.isPending &&
    write.mutate(
      { id, personId: person.id, device: device() },
      { onSuccess: () => void navigate(`/bench/${id}`) },
    );
  return { start, error: write.error, pending: write.isPending };
}

/** The key that does it. */
export function StartVisit({ tag }: { tag: string }) {
  const { start, error, pending } = useStartVisit(tag);
  return (
    <Box>
      <Button variant="outlined" disabled={pending} onClick={() => start()}>
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
