import Box from '@mui/material/Box';
import type { Schemas } from '../../api/client';
import { TagPlate } from '../../parts/Plate';
import { momentOf } from '../../words/format';
import { stepWords } from '../../words/bench';
import type { GatheredLine } from './gathered';
import { lineOf } from './lineOf';
import { StrikeOut } from './StrikeOut';

/** One record as a line that reads: when, which saw, what, who. What was struck out stays readable. */
export function LogLine({ line, withTag }: { line: GatheredLine; withTag: boolean }) {
  const { entry } = line;
  const { head, rest } = line.with.length > 0 ? visitLine(line) : lineOf(entry);
  const strike = entry.kind === 'STEP' ? entry.struck : undefined;
  const note = entry.kind === 'RELEASED' ? undefined : entry.note;
  const struck = strike !== undefined;
  return (
    <Box
      component="li"
      sx={(t) => ({
        display: 'grid',
        gridTemplateColumns: {
          xs: withTag ? 'auto 1fr' : '1fr',
          sm: withTag ? '128px 48px 1fr' : '128px 1fr',
        },
        columnGap: 1.5,
        rowGap: 0.25,
        py: 0.9,
        borderBottom: `1px solid ${t.vars.palette.house.hairline}`,
      })}
    >
      <Box sx={{ color: 'text.secondary', gridColumn: { xs: '1 / -1', sm: 'auto' }, fontSize: 14 }}>
        {momentOf(entry.at)}
      </Box>
      {withTag && (
        <Box>
          <TagPlate tag={entry.tag} />
        </Box>
      )}
      <Box sx={{ minWidth: 0, overflowWrap: 'anywhere' }}>
        <Box component="span" sx={{ fontWeight: 600, textDecoration: struck ? 'line-through' : 'none' }}>
          {head}
        </Box>
        {rest && (
          <Box component="span" sx={{ textDecoration: struck ? 'line-through' : 'none' }}>
            {' '}
            {rest}
          </Box>
        )}
        <Box sx={{ color: 'text.secondary', fontSize: 13.5 }}>
          {[entry.by, note?.replace(/\.$/, ''), struckOut(strike)].filter(Boolean).join('. ')}
        </Box>
        {canStrike(line) && <StrikeOut recordId={entry.id} />}
      </Box>
    </Box>
  );
}

/** Who struck it out, when and why. */
function struckOut(strike: Schemas['StrikeLine'] | undefined): string {
  return strike ? `Struck out by ${strike.by}, ${momentOf(strike.at)}: ${strike.reason}` : '';
}

/** A tension check is amended, not struck out; what was gathered is struck out step by step in the visit. */
function canStrike({ entry, with: others }: GatheredLine): boolean {
  return entry.kind === 'STEP' && !entry.struck && entry.step.step !== 'TENSION' && others.length === 0;
}

function visitLine(line: GatheredLine): { head: string; rest: string } {
  const steps = [...line.with, ...(line.entry.kind === 'STEP' ? [line.entry.step.step] : [])];
  return {
    head: `At the bench, ${steps.length} steps fine:`,
    rest: steps.map((step) => stepWords[step].title.toLowerCase()).join('; '),
  };
}
