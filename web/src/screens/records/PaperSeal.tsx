import { useState } from 'react';
import Box from '@mui/material/Box';
import { usePaper } from '../../api/queries';
import { Field } from '../../parts/Field';
import { paperWords } from '../../words/records';

const CODE = /^\d{1,15}-[0-9a-f]{16}$/i;

/** A seal that was printed, or stands in the name of a backup: whether the records still go through it. */
export function PaperSeal() {
  const [typed, setTyped] = useState('');
  const code = typed.trim();
  const whole = CODE.test(code);
  const { data, error } = usePaper(whole ? code : '');
  return (
    <Box>
      <Box sx={{ maxWidth: 340 }}>
        <Field
          label="Seal on a paper or in the name of a backup"
          hint="Such as 4812-9f3a77c1d20be456"
          value={typed}
          onChange={setTyped}
        />
      </Box>
      <Box role="status" sx={{ minHeight: 24, mt: 0.5 }}>
        {whole && data && paperWords(data)}
        {whole && error && error.message}
      </Box>
    </Box>
  );
}
