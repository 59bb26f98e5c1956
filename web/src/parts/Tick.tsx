import type { ReactNode } from 'react';
import { printed } from '../shell/commands';
import { Key } from './Key';
import Box from '@mui/material/Box';
import { RING } from '../theme';
import { useTheme } from '@mui/material/styles';

/** Something that holds or does not, as a key with a box that fills. */
export function Tick({
  label,
  checked,
  onChange,
  keyed,
  children,
}: {
  label: string;
  /** What is said under its label; with it the key is as wide as there is room. */
  children?: ReactNode;
  /** The key that does the same. */
  keyed?: string | undefined;
  checked: boolean;
  onChange: (checked: boolean) => void;
}) {
  const { house } = useTheme().vars.palette;
  return (
    <Box
      component="label"
      sx={(t) => ({
        position: 'relative',
        display: children === undefined ? 'inline-flex' : 'flex',
        alignItems: 'center',
        gap: 1,
        minHeight: 44,
        px: 1.25,
        border: `1px solid ${checked ? t.vars.palette.house.good : t.vars.palette.house.steel}`,
        borderRadius: '6px',
        background: t.vars.palette.background.paper,
        cursor: 'pointer',
        fontSize: 15,
        '&:has(input:focus-visible)': RING,
      })}
    >
      <Box
        component="input"
        type="checkbox"
        checked={checked}
        onChange={(e: React.ChangeEvent<HTMLInputElement>) => onChange(e.target.checked)}
        sx={{ position: 'absolute', inset: 0, opacity: 0, m: 0, cursor: 'pointer' }}
      />
      <svg width="18" height="18" viewBox="0 0 18 18" aria-hidden="true" style={{ flex: 'none' }}>
        <rect
          x="1.5"
          y="1.5"
          width="15"
          height="15"
          rx="3"
          fill={checked ? house.good : 'none'}
          stroke={checked ? house.good : house.steel}
          strokeWidth="1.8"
        />
        {checked && <path d="M5 13L13 5" stroke={house.tag} strokeWidth="2.6" strokeLinecap="round" />}
      </svg>
      {children === undefined ? (
        label
      ) : (
        <Box sx={{ py: 0.75, minWidth: 0, overflowWrap: 'anywhere' }}>
          {label}
          {children}
        </Box>
      )}
      {keyed && (
        <span aria-hidden>
          <Key>{printed(keyed)}</Key>
        </span>
      )}
    </Box>
  );
}
