import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Schemas } from '../../api/client';
import { BenchBar } from '../../parts/BenchBar';
import { Key } from '../../parts/Key';
import { figures } from '../../theme';
import { nextMoveOf, reasonOf, verdictWord } from '../../words/tension';
import { COMMANDS } from '../../shell/commands';

interface Props {
  verdict: Schemas['TensionVerdict'] | undefined;
  /** What the hand has still to say of its reading. */
  missing: string | undefined;
  /** Whether the check may be saved with this reading as it is. */
  passes: boolean;
  /** Whether the verdict answers what is typed now. */
  current: boolean;
  method: Schemas['TensionMethod'];
  tag: string;
  saving: boolean;
  onAgain: () => void;
  onSave: () => void;
}

/** Verdict, reason, next movement of the hand, and what can be done about it. */
export function VerdictBar({
  verdict,
  missing,
  passes,
  current,
  method,
  tag,
  saving,
  onAgain,
  onSave,
}: Props) {
  const turned = verdict?.next.kind === 'TURN_IN' || verdict?.next.kind === 'TURN_OUT';
  const again = turned ? 'Adjusted, read again' : 'Read again';
  const asItIs =
    verdict?.outcome === 'THROW_RISK' ? `Save and hold saw ${tag}` : passes ? 'Save check' : 'Save as it is';
  const said = verdict ? (
    <>
      <Box
        sx={(t) => ({
          ...figures,
          fontSize: 25,
          color: t.vars.palette.house.tag,
          opacity: current ? 1 : 0.6,
        })}
      >
        {verdictWord(verdict.outcome, verdict.provisional)}
      </Box>
      <Box sx={{ flex: '1 1 260px' }}>
        {reasonOf(verdict, method)} {nextMoveOf(verdict, method)}
      </Box>
    </>
  ) : (
    <Box>{missing ?? 'Take a reading and type it in. The verdict follows as you type.'}</Box>
  );
  return (
    <BenchBar said={said}>
      {verdict && (
        <>
          {!passes && (
            <Button variant="contained" disabled={!current} onClick={onAgain}>
              {again}
              <Key of={COMMANDS.tension.keys.first} />
            </Button>
          )}
          <Button
            variant={passes ? 'contained' : 'outlined'}
            disabled={!current || saving}
            onClick={onSave}
            sx={passes ? undefined : { color: 'inherit', '&:hover': { background: 'transparent' } }}
          >
            {asItIs}
            <Key of={passes ? COMMANDS.tension.keys.first : COMMANDS.tension.keys.save} />
          </Button>
          {passes && verdict.outcome === 'FIRM' && verdict.next.turn && (
            <Button
              variant="outlined"
              disabled={!current}
              onClick={onAgain}
              sx={{ color: 'inherit', '&:hover': { background: 'transparent' } }}
            >
              Eased, read again
            </Button>
          )}
        </>
      )}
    </BenchBar>
  );
}
