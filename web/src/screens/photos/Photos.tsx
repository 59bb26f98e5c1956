import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Schemas } from '../../api/client';
import { usePhotos } from '../../api/queries';
import { ForWhoMay } from '../../parts/ForWhoMay';
import { FormField } from '../../parts/form/fields';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { ProblemNote } from '../../parts/ProblemNote';
import { momentOf } from '../../words/format';
import { photoWords } from '../../words/photos';
import { Opened } from '../corrections/Opened';
import { AddPhoto } from './AddPhoto';
import type { Of } from './AddPhoto';
import { Thumb } from './Thumbs';

/** The photos of a complaint or a record: who took them, one more, and a wrong one out of sight. */
export function Photos({ about, aboutId, of }: Of & { of: string }) {
  const { data, error } = usePhotos(aboutId);
  const photos = data?.photos ?? [];
  return (
    <Box sx={{ display: 'grid', gap: 1, justifyItems: 'start' }}>
      <ProblemNote sentences={error ? [error.message] : []} />
      {photos.map((photo, i) => (
        <Box key={photo.photoId} sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center' }}>
          <Thumb large id={photo.photoId} says={photoWords.of(of, i + 1, photos.length)} />
          <Box sx={{ color: 'text.secondary', fontSize: 14 }}>
            {photo.by}, {momentOf(photo.at)}
            <ForWhoMay write="/api/photos/{photoId}/strike" silent>
              <Box>
                <Opened label="Strike out">{() => <Strike photo={photo} aboutId={aboutId} />}</Opened>
              </Box>
            </ForWhoMay>
          </Box>
        </Box>
      ))}
      <AddPhoto about={about} aboutId={aboutId} />
    </Box>
  );
}

function Strike({ photo, aboutId }: { photo: Schemas['PhotoView']; aboutId: string }) {
  const form = useSignedForm({
    path: '/api/photos/{photoId}/strike',
    params: { path: { photoId: photo.photoId }, query: { about: aboutId } },
    start: { reason: '' },
    body: (typed) => typed,
  });
  return (
    <Box component="form" onSubmit={form.submit} sx={{ display: 'flex', gap: 1, alignItems: 'end' }}>
      <FormField control={form.control} name="reason" label="Why it is struck out" autoFocus />
      <Button type="submit" variant="outlined" disabled={!form.ready}>
        Strike it out
      </Button>
      <ProblemNote sentences={form.besides} />
    </Box>
  );
}
