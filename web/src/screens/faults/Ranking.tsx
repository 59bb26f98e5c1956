import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { Panel } from '../../parts/Panel';
import { TallyStrip } from '../../parts/TallyStrip';
import { evidenceSentence, strokesOfTwenty, whyOut } from '../../words/faults';
import { rounded } from '../../words/format';
import { useFaultAct } from './useFaultAct';

const SHOWN = 5;

/** What may be behind it, likeliest first: strokes of twenty, and what moved each. */
export function Ranking({ fault }: { fault: Schemas['FaultPage'] }) {
  const { act, pending } = useFaultAct(fault);
  const [all, setAll] = useState(false);
  const [chosen, setChosen] = useState<string | undefined>();
  const shown = all ? fault.ranking : fault.ranking.slice(0, SHOWN);
  return (
    <Panel title="What may be behind it (est.)">
      <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {shown.map((ranked) => (
          <Box
            component="li"
            key={ranked.code}
            sx={(t) => ({
              py: 0.9,
              borderBottom: `1px solid ${t.vars.palette.house.hairline}`,
              overflowWrap: 'anywhere',
            })}
          >
            <Box sx={{ fontWeight: 600 }}>
              {ranked.title}
              {ranked.seen && (
                <Box component="span" sx={{ fontWeight: 400 }}>
                  , seen
                </Box>
              )}
            </Box>
            <TallyStrip
              used={strokesOfTwenty(ranked.share)}
              limit={20}
              text={`${rounded(ranked.share * 100, 0)} of 100`}
            />
            <Box sx={{ color: 'text.secondary', fontSize: 13.5 }}>
              {whyOut(ranked) ?? evidenceSentence(ranked)}
            </Box>
            {fault.stage === 'FIND' &&
              whyOut(ranked) === undefined &&
              (chosen === ranked.code ? (
                <Button
                  variant="outlined"
                  size="small"
                  disabled={pending}
                  onClick={() => void act('/api/faults/{id}/cause', { cause: ranked.code })}
                >
                  Yes, this is the cause
                </Button>
              ) : (
                <Button
                  variant="text"
                  size="small"
                  aria-label={`Choose: ${ranked.title}`}
                  sx={{ p: 0, minHeight: 44, fontSize: 14, fontWeight: 400 }}
                  onClick={() => setChosen(ranked.code)}
                >
                  This is the cause
                </Button>
              ))}
          </Box>
        ))}
      </Box>
      {fault.ranking.length > SHOWN && !all && (
        <Button variant="text" onClick={() => setAll(true)}>
          Show all {fault.ranking.length}
        </Button>
      )}
      <Box sx={{ color: 'text.secondary', fontSize: 13.5, mt: 1 }}>
        {rounded(fault.minutes, 0)} min of checks so far (est.).
      </Box>
    </Panel>
  );
}
