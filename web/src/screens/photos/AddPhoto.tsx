import Box from '@mui/material/Box';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { Schemas } from '../../api/client';
import { sendFile } from '../../api/client';
import { Problem } from '../../api/problem';
import { FileButton } from '../../parts/FileButton';
import { ForWhoMay } from '../../parts/ForWhoMay';
import { ProblemNote } from '../../parts/ProblemNote';
import { photoWords } from '../../words/photos';

/** What the photo is of. */
export interface Of {
  about: 'FAULT' | 'RECORD';
  aboutId: string;
}

const MOST_BYTES = 10 * 1024 * 1024;

/** Takes a photo from a phone's camera or out of a folder, and puts it to a complaint or a record. */
export function AddPhoto({ about, aboutId, small = false }: Of & { small?: boolean }) {
  const client = useQueryClient();
  const put = useMutation<Schemas['PhotoList'], Problem, File>({
    mutationFn: (file) =>
      file.size > MOST_BYTES
        ? Promise.reject(new Problem(413, photoWords.long, []))
        : sendFile('/api/photos', file, { about, aboutId }),
    onSuccess: () => {
      void client.invalidateQueries();
    },
  });
  return (
    <ForWhoMay write="/api/photos" silent>
      {/* The two kinds that are read: a phone that keeps another one sends it as one of these. */}
      <FileButton accept="image/jpeg,image/png" disabled={put.isPending} onFile={put.mutate} small={small}>
        {put.isPending ? photoWords.sending : photoWords.add}
      </FileButton>
      {put.error && (
        <Box sx={{ width: '100%' }}>
          <ProblemNote sentences={[put.error.message]} />
        </Box>
      )}
    </ForWhoMay>
  );
}
