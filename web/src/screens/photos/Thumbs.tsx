import Box from '@mui/material/Box';
import { photoWords } from '../../words/photos';

/** Small pictures in a row; each opens the whole one. */
export function Thumbs({ photos, of }: { photos: string[]; of: string }) {
  if (photos.length === 0) return null;
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, py: 0.5 }}>
      {photos.map((id, i) => (
        <Thumb key={id} id={id} says={photoWords.of(of, i + 1, photos.length)} />
      ))}
    </Box>
  );
}

/** One picture, of which all is shown. */
export function Thumb({ id, says, large = false }: { id: string; says: string; large?: boolean }) {
  return (
    <a href={`/api/photos/${id}`} target="_blank" rel="noreferrer" style={{ lineHeight: 0 }}>
      <Box
        component="img"
        src={`/api/photos/${id}?small=true`}
        alt={says}
        loading="lazy"
        sx={(t) => ({
          width: large ? 200 : 96,
          height: large ? 150 : 72,
          objectFit: 'contain',
          borderRadius: '4px',
          border: `1px solid ${t.vars.palette.house.hairline}`,
          background: t.vars.palette.background.paper,
          fontSize: 12,
          lineHeight: 1.2,
        })}
      />
    </a>
  );
}
