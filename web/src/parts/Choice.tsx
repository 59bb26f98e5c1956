import Box from '@mui/material/Box';
import { useId } from 'react';

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
}: {
  label: string;
  options: Option<T>[];
  value: T | undefined;
  onChange: (value: T) => void;
}) {
  const name = useId();
  return (
    <Box component="fieldset" sx={{ border: 0, p: 0, m: 0, minWidth: 0 }}>
      <Box component="legend" sx={{ p: 0, mb: 0.5, fontSize: 13, fontWeight: 600, color: 'text.secondary' }}>
        {label}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}>
        {options.map((option) => (
          <Box
            component="label"
            key={option.value}
            sx={(t) => ({
              position: 'relative',
              display: 'inline-flex',
              alignItems: 'center',
              minHeight: 44,
              px: 1.5,
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
              '&:has(input:focus-visible)': {
                outline: `3px solid ${t.vars.palette.house.tagEdge}`,
                outlineOffset: 2,
              },
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
          </Box>
        ))}
      </Box>
    </Box>
  );
}
