import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Panel } from '../../parts/Panel';
import { words } from '../../words/en';
import { figure, turnsInLog } from '../../words/format';
import { verdictWord } from '../../words/tension';
import type { TakenReading } from './draft';

/** The readings of this check so far; every one is kept. */
export function Taken({ taken, onUndo }: { taken: TakenReading[]; onUndo: () => void }) {
  return (
    <Panel title="Readings so far">
      {taken.length === 0 && (
        <Box sx={{ color: 'text.secondary' }}>None yet. Each is kept with the check.</Box>
      )}
      <Box component="ol" sx={{ m: 0, pl: 2.5 }}>
        {taken.map((t, i) => (
          <li key={i}>
            {t.reading.turnsBefore !== 0 && `Turned ${turnsInLog(t.reading.turnsBefore)}, then `}
            {t.figure !== undefined && t.reading.value.trim() !== ''
              ? figure(t.figure, t.reading.method)
              : t.reading.tips && `tips ${words.tips[t.reading.tips].toLowerCase()}`}
            : <strong>{verdictWord(t.outcome, t.provisional)}</strong>
          </li>
        ))}
      </Box>
      {taken.length > 0 && (
        <Button variant="text" onClick={onUndo} sx={{ px: 0 }}>
          Undo the last one
        </Button>
      )}
    </Panel>
  );
}
