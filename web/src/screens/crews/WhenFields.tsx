import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { momentTyped } from '../../words/days';
import { Field } from '../../parts/Field';
import type { Wrong } from '../../api/problem';

/** When something happened: now, or earlier with a reason. */
export interface When {
  earlier: boolean;
  at: string;
  reason: string;
}

export const NOW: When = { earlier: false, at: '', reason: '' };

/** The moment as the server takes it; nothing for now. */
export function momentOfWhen(when: When): { at?: string; reason?: string } {
  if (!when.earlier || when.at === '') return {};
  return { at: momentTyped(when.at), reason: when.reason };
}

/** Backdating, folded away until it is needed. */
export function WhenFields({
  when,
  onChange,
  problemAt,
}: {
  when: When;
  onChange: (when: When) => void;
  problemAt: (field: string) => Wrong | undefined;
}) {
  if (!when.earlier) {
    return (
      <Box>
        <Button variant="text" sx={{ px: 0 }} onClick={() => onChange({ ...when, earlier: true })}>
          Enter an earlier time
        </Button>
      </Box>
    );
  }
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5 }}>
      <Box sx={{ flex: '1 1 200px' }}>
        <Field
          label="When"
          type="datetime-local"
          value={when.at}
          onChange={(at) => onChange({ ...when, at })}
          problem={problemAt('at')}
        />
      </Box>
      <Box sx={{ flex: '1 1 200px' }}>
        <Field
          label="Why it is entered late"
          value={when.reason}
          onChange={(reason) => onChange({ ...when, reason })}
          problem={problemAt('reason')}
        />
      </Box>
    </Box>
  );
}
