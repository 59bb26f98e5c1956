import Box from '@mui/material/Box';
import type { InputBaseProps } from '@mui/material/InputBase';
import InputBase from '@mui/material/InputBase';
import NativeSelect from '@mui/material/NativeSelect';
import type { ReactNode } from 'react';
import { useId, useState } from 'react';
import type { Wrong } from '../api/problem';
import { sentenceOf } from '../api/problem';

interface Common {
  label: string;
  hint?: ReactNode;
  /** What is wrong; a refusal of the server goes when the field is changed. */
  problem?: Wrong | undefined;
}

/** What stands at a field of this value: nothing any more of a refusal of another value. */
function useStanding(problem: Wrong | undefined, value: string): string | undefined {
  const [refused, setRefused] = useState({ problem, value });
  if (refused.problem !== problem) setRefused({ problem, value });
  const gone = typeof problem === 'object' && refused.problem === problem && refused.value !== value;
  return gone ? undefined : sentenceOf(problem);
}

function Labelled({
  id,
  label,
  hint,
  problem,
  children,
}: Omit<Common, 'problem'> & { id: string; problem: string | undefined; children: ReactNode }) {
  return (
    <Box sx={{ minWidth: 0 }}>
      <Box
        component="label"
        htmlFor={id}
        sx={{ display: 'block', fontSize: 13, fontWeight: 600, color: 'text.secondary', mb: 0.5 }}
      >
        {label}
      </Box>
      {children}
      {problem && (
        <Box id={`${id}-problem`} role="alert" sx={{ color: 'error.main', fontSize: 14, mt: 0.5 }}>
          {problem}
        </Box>
      )}
      {hint && !problem && (
        <Box id={`${id}-hint`} sx={{ color: 'text.secondary', fontSize: 13, mt: 0.5 }}>
          {hint}
        </Box>
      )}
    </Box>
  );
}

function describedBy(id: string, hint: ReactNode, problem: string | undefined): string | undefined {
  if (problem) return `${id}-problem`;
  return hint ? `${id}-hint` : undefined;
}

/** A text field with its label above and the sentence of a refusal right under it. */
export function Field({
  label,
  hint,
  problem,
  value,
  onChange,
  ...rest
}: Common & { value: string; onChange: (value: string) => void } & Omit<
    InputBaseProps,
    'onChange' | 'value'
  >) {
  const id = useId();
  const wrong = useStanding(problem, value);
  return (
    <Labelled id={id} label={label} hint={hint} problem={wrong}>
      <InputBase
        fullWidth
        {...rest}
        id={id}
        value={value}
        error={wrong !== undefined}
        onChange={(e) => onChange(e.target.value)}
        inputProps={{
          autoComplete: 'off',
          ...rest.inputProps,
          'aria-describedby': describedBy(id, hint, wrong),
        }}
      />
    </Labelled>
  );
}

/** One of many, in the browser's own list. */
export function Pick<T extends string>({
  label,
  hint,
  problem,
  value,
  options,
  onChange,
}: Common & { value: T; options: { value: T; label: string }[]; onChange: (value: T) => void }) {
  const id = useId();
  const wrong = useStanding(problem, value);
  return (
    <Labelled id={id} label={label} hint={hint} problem={wrong}>
      <NativeSelect
        fullWidth
        disableUnderline
        value={value}
        onChange={(e) => onChange(e.target.value as T)}
        inputProps={{
          id,
          'aria-invalid': wrong !== undefined,
          'aria-describedby': describedBy(id, hint, wrong),
        }}
        sx={{ '& select': { minHeight: 28 } }}
      >
        {options.map((o) => (
          <option key={o.value} value={o.value}>
            {o.label}
          </option>
        ))}
      </NativeSelect>
    </Labelled>
  );
}

/** The options of a word list, in its order. */
export function optionsOf<T extends string>(labels: Record<T, string>): { value: T; label: string }[] {
  return (Object.keys(labels) as T[]).map((value) => ({ value, label: labels[value] }));
}
