import Box from '@mui/material/Box';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { sendFile } from '../../api/client';
import type { Problem } from '../../api/problem';
import { SIGN_IN, useBringingIn } from '../../api/queries';
import { FileButton } from '../../parts/FileButton';
import { ProblemNote } from '../../parts/ProblemNote';
import { counted } from '../../words/format';

/** A fleet that was taken out elsewhere is brought in whole, before anybody is set up. */
export function BringFleet({
  brought,
  onDone,
}: {
  brought: Schemas['BroughtIn'] | undefined;
  onDone: (brought: Schemas['BroughtIn']) => void;
}) {
  const client = useQueryClient();
  const [name, setName] = useState('');
  const bring = useMutation<Schemas['BroughtIn'], Problem, File>({
    mutationFn: (file) => sendFile('/api/set-up/fleet-file', file),
    onSuccess: async (done) => {
      // The officers of the records are asked for before the form offers them.
      await client.invalidateQueries({ queryKey: SIGN_IN });
      onDone(done);
    },
  });
  const { data: far } = useBringingIn(bring.isPending);
  if (brought)
    return (
      <Box role="status" sx={{ mb: 2 }}>
        {counted(brought.rows)} rows of records are in, each as it was sealed; the seal at their end is{' '}
        {brought.seal}. Passwords stay where they were: give yourself a new one, then let the others in.
      </Box>
    );
  return (
    <Box sx={{ mb: 2.5 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 2, rowGap: 1 }}>
        <Box sx={{ flex: '1 1 300px' }}>
          Fill in this sheet for a new fleet. Or bring in one that was taken out of another Yellow Tally: all
          of its records, or none if anything is wrong with the file.
        </Box>
        <FileButton
          accept=".json,application/json"
          disabled={bring.isPending}
          onFile={(file) => {
            setName(file.name);
            bring.mutate(file);
          }}
        >
          Bring in a fleet file
        </FileButton>
      </Box>
      <Box role="status" sx={{ mt: 0.5, color: 'text.secondary' }}>
        {bring.isPending &&
          (far && far.rows > 0 ? `${counted(far.rows)} rows of ${name} are read.` : `${name} is being sent.`)}
      </Box>
      <ProblemNote sentences={bring.error ? [bring.error.message] : []} />
    </Box>
  );
}
