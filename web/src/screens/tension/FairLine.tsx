import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Schemas } from '../../api/client';
import { Key } from '../../parts/Key';
import { Tick } from '../../parts/Tick';
import { words } from '../../words/en';
import { CONDITIONS } from './draft';
import { COMMANDS } from '../../shell/commands';

/** The one line that makes a reading fair: six conditions, one key for all of them. */
export function FairLine({
  met,
  onChange,
  onAll,
}: {
  met: Schemas['FairCondition'][];
  onChange: (met: Schemas['FairCondition'][]) => void;
  onAll: () => void;
}) {
  return (
    <Box component="fieldset" sx={{ border: 0, p: 0, m: 0, minWidth: 0 }}>
      <Box component="legend" sx={{ p: 0, mb: 0.5, fontSize: 13, fontWeight: 600, color: 'text.secondary' }}>
        Valid reading: {met.length} of {CONDITIONS.length} conditions met
      </Box>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 0.75 }}>
        {CONDITIONS.map((condition) => (
          <Tick
            key={condition}
            label={words.fair[condition]}
            checked={met.includes(condition)}
            onChange={(on) => onChange(on ? [...met, condition] : met.filter((c) => c !== condition))}
          />
        ))}
        <Button
          variant="outlined"
          sx={{ gridColumn: '1 / -1' }}
          onClick={onAll}
          disabled={met.length === CONDITIONS.length}
        >
          All six met
          <Key of={COMMANDS.tension.keys.fair} />
        </Button>
      </Box>
    </Box>
  );
}
