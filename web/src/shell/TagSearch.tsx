import Box from '@mui/material/Box';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { isAway } from '../api/away';
import { get } from '../api/client';
import { Problem } from '../api/problem';
import { useBoard } from '../api/queries';
import { words } from '../words/en';
import { meant, tagsOn } from '../words/tags';

/** Finds a saw or a part by its tag from anywhere: 6 finds 06. */
export function TagSearch() {
  const navigate = useNavigate();
  const { data: board } = useBoard();
  const [text, setText] = useState('');
  const [unknown, setUnknown] = useState<string>();
  const tags = tagsOn(board);

  const go = (address: string) => {
    setText('');
    setUnknown(undefined);
    if (document.activeElement instanceof HTMLElement) document.activeElement.blur();
    void navigate(address);
  };

  const find = () => {
    const typed = text.trim();
    if (typed === '') return;
    const tag = meant(typed, tags);
    if (tag !== undefined) {
      go(`/saws/${tag}`);
      return;
    }
    // What hangs on no rail may be retired, be an old label of a saw that was given another tag, or be the tag of a part.
    get('/api/saws/{tag}', { path: { tag: typed } })
      .then((saw) => go(`/saws/${saw.tag}`))
      .catch(() => partOf(typed))
      .catch((e: unknown) => setUnknown(isAway(e) ? words.away : words.noTag(typed)));
  };
  const partOf = (typed: string) =>
    get('/api/parts', {}).then((parts) => {
      const all = [...parts.chains, ...parts.bars, ...parts.sprockets].map((part) => part.tag);
      const part = meant(typed, all);
      if (part === undefined) throw new Problem(404, '', []);
      go(`/parts/${part}`);
    });

  return (
    <Box
      component="form"
      role="search"
      onSubmit={(e: React.SyntheticEvent) => {
        e.preventDefault();
        find();
      }}
      sx={{ position: 'relative' }}
    >
      <Box
        component="input"
        id="tag-search"
        aria-label="Tag number"
        aria-describedby={unknown === undefined ? undefined : 'tag-unknown'}
        placeholder="Tag number   /"
        list="known-tags"
        value={text}
        autoComplete="off"
        onChange={(e: React.ChangeEvent<HTMLInputElement>) => {
          setText(e.target.value);
          setUnknown(undefined);
        }}
        onKeyDown={(e: React.KeyboardEvent<HTMLInputElement>) => {
          if (e.key === 'Escape') {
            setText('');
            setUnknown(undefined);
            e.currentTarget.blur();
          }
        }}
        sx={(t) => ({
          font: 'inherit',
          fontSize: { xs: 14, sm: 15 },
          width: { xs: 104, sm: 124, md: 150, xl: 190 },
          minHeight: { xs: 44, sm: 34 },
          px: { xs: 0.75, sm: 1.25 },
          color: 'inherit',
          background: 'transparent',
          border: `1px solid ${t.vars.palette.house.steel}`,
          borderRadius: '5px',
          '&::placeholder': { color: t.vars.palette.house.mutedOnBeam, opacity: 1 },
        })}
      />
      <datalist id="known-tags">
        {tags.map((tag) => (
          <option key={tag} value={tag} />
        ))}
      </datalist>
      {unknown !== undefined && (
        <Box
          id="tag-unknown"
          role="alert"
          sx={(t) => ({
            position: 'absolute',
            right: 0,
            top: 40,
            zIndex: 5,
            width: 230,
            p: 1,
            fontSize: 14,
            background: t.vars.palette.background.paper,
            color: t.vars.palette.text.primary,
            border: `1px solid ${t.vars.palette.house.rust}`,
            borderRadius: '5px',
          })}
        >
          {unknown}
        </Box>
      )}
    </Box>
  );
}
