import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Snackbar from '@mui/material/Snackbar';
import { useColorScheme } from '@mui/material/styles';
import type { ReactNode } from 'react';
import { useState } from 'react';
import { Link, NavLink, useNavigate } from 'react-router';
import { figures } from '../theme';
import { words } from '../words/en';
import { COMMANDS, useCommands } from './commands';
import { useArrival } from './arrival';
import { fetched } from './fetched';
import { typing } from './keys';
import { atWork, useUnsaved } from './leaving';
import { Notices } from './Notices';
import { TagSearch } from './TagSearch';
import { WhoIsHere } from './WhoIsHere';

const KeyList = fetched(() => import('./KeyList'));

const SCREENS = [
  { to: '/', command: 'board' },
  { to: '/plan', command: 'plan' },
  { to: '/bench', command: 'bench' },
  { to: '/crews', command: 'crews', short: 'Out' },
  { to: '/saws', command: 'saws' },
  { to: '/faults', command: 'faults' },
  { to: '/stores', command: 'stores' },
  { to: '/log', command: 'log' },
  { to: '/settings', command: 'settings' },
] as const;

type Screen = (typeof SCREENS)[number];

/** The same screen, with the hand at the saws that come back. */
const BACK = { to: '/crews?in', command: 'back' } as const;

/** The beam across the top of every screen, and the keys that work everywhere. */
export function Shell({ children }: { children: ReactNode }) {
  const navigate = useNavigate();
  const [keysShown, setKeysShown] = useState(false);
  const { onInput, unsaved } = useUnsaved();
  const [kept, setKept] = useState(false);
  const leaveFor = (to: string) => {
    if (atWork()) return;
    if (unsaved()) setKept(true);
    else void navigate(to);
  };
  useArrival();
  useCommands('anywhere', {
    find: () => document.getElementById('tag-search')?.focus(),
    list: () => setKeysShown(true),
    ...Object.fromEntries([...SCREENS, BACK].map(({ to, command }) => [command, () => leaveFor(to)])),
  });
  return (
    <Box sx={{ minHeight: '100vh', display: 'flex', flexDirection: 'column' }}>
      <Box
        component="a"
        href="#main"
        sx={(t) => ({
          position: 'absolute',
          left: -9999,
          '&:focus': {
            left: 8,
            top: 8,
            zIndex: 10,
            p: 1,
            background: t.vars.palette.house.tag,
            color: t.vars.palette.house.onTag,
          },
        })}
      >
        Skip to the content
      </Box>
      <Box
        component="header"
        sx={(t) => ({
          '--ring': t.vars.palette.house.tag,
          background: t.vars.palette.house.beam,
          color: t.vars.palette.house.onBeam,
          display: 'flex',
          flexWrap: 'wrap',
          alignItems: 'center',
          columnGap: { xs: 1, md: 1.5, xl: 3 },
          rowGap: { xs: 0.25, sm: 1 },
          pt: { xs: 0.75, sm: 0 },
          pb: { xs: 0, sm: 1, lg: 0 },
          px: { xs: 1.5, sm: 2.5 },
          minHeight: 52,
        })}
      >
        <Box
          sx={(t) => ({
            ...figures,
            fontSize: { xs: 19, sm: 23 },
            color: t.vars.palette.house.tag,
            whiteSpace: 'nowrap',
            flexGrow: { xs: 1, sm: 0 },
          })}
        >
          {words.product}
        </Box>
        <Box
          component="nav"
          aria-label="Screens"
          sx={{
            display: 'flex',
            flexWrap: 'wrap',
            columnGap: { xs: 0.7, sm: 0.5 },
            flexGrow: 1,
            // On a phone in a row below, all in reach of the thumb.
            order: { xs: 1, sm: 0 },
            width: { xs: '100%', sm: 'auto' },
          }}
        >
          {SCREENS.map((screen) => (
            <Box
              key={screen.to}
              component={NavLink}
              to={screen.to}
              end={screen.to === '/'}
              sx={(t) => ({
                color: 'inherit',
                textDecoration: 'none',
                fontWeight: 600,
                fontSize: { xs: 13, sm: 14, md: 15.5 },
                px: { xs: 0, sm: 0.5, md: 0.8, xl: 1.1 },
                whiteSpace: 'nowrap',
                lineHeight: { xs: '41px', md: '49px' },
                borderBottom: '3px solid transparent',
                '&.active': { borderBottomColor: t.vars.palette.house.tag },
                '&:focus-visible': { outlineOffset: -4 },
              })}
            >
              <Label command={screen.command} short={'short' in screen ? screen.short : undefined} />
            </Box>
          ))}
        </Box>
        <WhoIsHere />
        <Box sx={{ display: { xs: 'none', sm: 'block' } }}>
          <SchemeSwitch />
        </Box>
        <TagSearch />
      </Box>
      <Box
        component="main"
        id="main"
        tabIndex={-1}
        onInput={onInput}
        onKeyDown={(e: React.KeyboardEvent) => {
          if (e.key === 'Escape' && typing(e.target)) (e.target as HTMLElement).blur();
        }}
        sx={{ flexGrow: 1, outline: 'none', px: { xs: 1.5, sm: 2.5 }, pb: 4 }}
      >
        <Notices />
        {children}
      </Box>
      <Box
        component="footer"
        sx={{
          px: 2.5,
          py: 1.5,
          color: 'text.secondary',
          fontSize: 13,
          display: 'flex',
          justifyContent: 'space-between',
          gap: 2,
          flexWrap: 'wrap',
        }}
      >
        <span>
          {words.manual} <Link to="/handbook">Handbook</Link>
        </span>
        <Box sx={(t) => ({ display: { xs: 'block', sm: 'none' }, color: t.vars.palette.text.primary })}>
          <SchemeSwitch />
        </Box>
        <Button
          variant="text"
          size="small"
          sx={{ minHeight: 24, p: 0, fontSize: 13, fontWeight: 400, color: 'text.secondary' }}
          onClick={() => setKeysShown(true)}
        >
          Keys: ?
        </Button>
      </Box>
      <Snackbar open={kept} autoHideDuration={6000} onClose={() => setKept(false)} message={words.unsaved} />
      {keysShown && <KeyList onClose={() => setKeysShown(false)} />}
    </Box>
  );
}

/** What a screen is called; on a phone shorter, so that all fit into one row. */
function Label({ command, short }: { command: Screen['command']; short: string | undefined }) {
  const { does } = COMMANDS.anywhere.keys[command];
  if (short === undefined) return does;
  return (
    <>
      <Box component="span" sx={{ display: { xs: 'none', sm: 'inline' } }}>
        {does}
      </Box>
      <Box component="span" sx={{ display: { sm: 'none' } }}>
        {short}
      </Box>
    </>
  );
}

function SchemeSwitch() {
  const { mode, systemMode, setMode } = useColorScheme();
  const dark = (mode === 'system' ? systemMode : mode) === 'dark';
  return (
    <Box
      component="button"
      onClick={() => setMode(dark ? 'light' : 'dark')}
      sx={(t) => ({
        font: 'inherit',
        fontSize: 14,
        minHeight: 34,
        px: 1.25,
        color: 'inherit',
        background: 'transparent',
        border: `1px solid ${t.vars.palette.house.steel}`,
        borderRadius: '5px',
        cursor: 'pointer',
      })}
    >
      {dark ? 'Daylight' : 'Dim light'}
    </Box>
  );
}
