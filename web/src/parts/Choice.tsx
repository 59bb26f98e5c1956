import Box from '@mui/material/Box';
import { RING } from '../theme';
import { useId } from 'react';
import { Key } from './Key';

interface Option<T extends string> {
  value: T;
  label: string;
}

/** One of a few, as keys side by side: real radio buttons underneath, so arrows and readers work. */
export function Choice<T extends string>({
  label,
  options,
  value,
  onChange,
  numbered = false,
  problem,
}: {
  label: string;
  options: Option<T>[];
  value: T | undefined;
  onChange: (value: T) => void;
  /** Each has its number as a key, while the focus is among them. */
  numbered?: boolean;
  problem?: string | undefined;
}) {
  const name = useId();
  const byNumber = (e: React.KeyboardEvent) => {
    const option = /^[1-9]$/.test(e.key) ? options[Number(e.key) - 1] : undefined;
    if (!option) return;
    e.preventDefault();
    onChange(option.value);
  };
  return (
    <Box
      component="fieldset"
      aria-describedby={problem ? `${name}-problem` : undefined}
      onKeyDown={numbered ? byNumber : undefined}
      sx={{ border: 0, p: 0, m: 0, minWidth: 0 }}
    >
      <Box component="legend" sx={{ p: 0, mb: 0.5, fontSize: 13, fontWeight: 600, color: 'text.secondary' }}>
        {label}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}>
        {options.map((option, i) => (
          <Box
            component="label"
            key={option.value}
            sx={(t) => ({
              position: 'relative',
              display: 'inline-flex',
              alignItems: 'center',
              minHeight: 44,
              px: 1.5,
              py: 0.5,
              border: `1px solid ${t.vars.palette.house.steel}`,
              borderRadius: '6px',
              background: t.vars.palette.background.paper,
              cursor: 'pointer',
              fontSize: 15,
              '&:has(input:checked)': {
                background: t.vars.palette.house.beam,
                color: t.vars.palette.house.onBeam,
                borderColor: t.vars.palette.house.beam,
                fontWeight: 600,
                boxShadow: `inset 0 -4px 0 ${t.vars.palette.house.tag}`,
              },
              '&:has(input:focus-visible)': RING,
            })}
          >
            <Box
              component="input"
              type="radio"
              name={name}
              value={option.value}
              checked={value === option.value}
              onChange={() => onChange(option.value)}
              sx={{ position: 'absolute', inset: 0, opacity: 0, m: 0, cursor: 'pointer' }}
            />
            {option.label}
            {numbered && i < 9 && (
              <Box component="span" aria-hidden sx={{ ml: 0.75 }}>
                <Key>{String(i + 1)}</Key>
              </Box>
            )}
          </Box>
        ))}
      </Box>
      {problem && (
        <Box id={`${name}-problem`} role="alert" sx={{ color: 'error.main', fontSize: 14, mt: 0.5 }}>
          {problem}
        </Box>
      )}
    </Box>
  );
}
