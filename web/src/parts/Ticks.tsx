import Box from '@mui/material/Box';
import FormHelperText from '@mui/material/FormHelperText';
import type { ReactNode } from 'react';
import { Tick } from './Tick';

/** Several of a few, as keys side by side. */
export function Ticks<T extends string>({
  title,
  options,
  value,
  onChange,
  problem,
  children,
}: {
  title: string;
  options: Record<T, string>;
  value: T[];
  onChange: (value: T[]) => void;
  /** Why what is chosen cannot be. */
  problem?: string | undefined;
  /** Further keys of the same row. */
  children?: ReactNode;
}) {
  return (
    <Box component="fieldset" sx={{ border: 0, p: 0, m: 0, minWidth: 0 }}>
      <Box component="legend" sx={{ p: 0, mb: 0.5, fontSize: 13, fontWeight: 600, color: 'text.secondary' }}>
        {title}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}>
        {(Object.keys(options) as T[]).map((option) => (
          <Tick
            key={option}
            label={options[option]}
            checked={value.includes(option)}
            onChange={(on) => onChange(on ? [...value, option] : value.filter((x) => x !== option))}
          />
        ))}
        {children}
      </Box>
      {problem && (
        <FormHelperText error role="alert">
          {problem}
        </FormHelperText>
      )}
    </Box>
  );
}
