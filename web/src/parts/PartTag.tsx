import Box from '@mui/material/Box';
import { Link } from 'react-router';
import { useOutOfUse } from '../api/queries';

/** The tag of a part, as the way to its page; what is not fitted, or not without a look, says so beside it. */
export function PartTag({ tag, linked = true }: { tag: string; linked?: boolean }) {
  return (
    <>
      {linked ? <Link to={`/parts/${tag}`}>{tag}</Link> : tag}
      <PartMark tag={tag} />
    </>
  );
}

/** Tags of parts in a row; where what is said of them names their mark already, without it. */
export function PartTags({ tags, marked = true }: { tags: readonly string[]; marked?: boolean }) {
  return tags.map((tag, i) => (
    <span key={tag}>
      {i > 0 && ', '}
      {marked ? <PartTag tag={tag} /> : <Link to={`/parts/${tag}`}>{tag}</Link>}
    </span>
  ));
}

/** What keeps a part from being fitted as it is, in a word; nothing for a good one. */
export function PartMark({ tag }: { tag: string }) {
  const mark = useMarks()(tag);
  return mark === undefined ? null : (
    <Box
      component="span"
      sx={{ color: mark.condemned ? 'error.main' : 'text.secondary', fontWeight: 600, fontSize: '0.9em' }}
    >
      {` ${mark.word}`}
    </Box>
  );
}

/** The mark of any tag, for what is no element: the lines of a list to choose from. */
export function useMarks(): (tag: string) => { word: string; condemned: boolean; out: boolean } | undefined {
  const { data } = useOutOfUse();
  return (tag) => {
    const found = data?.find((part) => part.tag === tag);
    if (!found) return undefined;
    const { condemned, retired, away } = found;
    const word = condemned ? 'condemned' : retired ? 'retired' : away ? 'away' : 'unseen';
    return { word, condemned, out: condemned || retired || away };
  };
}
