import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { Choice } from '../../parts/Choice';
import { Field } from '../../parts/Field';
import { Panel } from '../../parts/Panel';
import { Tick } from '../../parts/Tick';
import { figures } from '../../theme';
import { adviceWords, balanceSentence, fileBackSentence, planSentence, rateSentence } from '../../words/edge';
import { byCaliper, inUnit, typedLength } from '../../words/units';
import type { ViceActions } from './Vice';

type Shown = 'ADVISED' | Schemas['FilingWay'];

/** What the lengths mean, and how the strokes are dealt out. */
export function PlanPanel({
  page,
  open,
  actions,
}: {
  page: Schemas['SharpeningPage'];
  open: Schemas['OpenSharpening'];
  actions: ViceActions;
}) {
  const plan = open.plan;
  const measured = open.places.filter((p) => p.beforeMm !== undefined).length;
  const leftOut = open.places.filter((p) => p.leftOut).map((p) => p.place);
  const bad = plan?.advice === 'SCRAP' || plan?.advice === 'OUT_OF_USE';
  return (
    <Panel title="Plan">
      <Box sx={{ display: 'grid', gap: 1.25 }} role="status">
        {plan ? (
          <>
            <Box
              sx={(t) => ({ ...figures, fontSize: 25, color: bad ? t.vars.palette.house.rust : 'inherit' })}
            >
              {adviceWords[plan.advice]}
            </Box>
            <Box>{planSentence(plan)}</Box>
            <Box>{balanceSentence(plan.balance)}</Box>
            <Box sx={{ color: 'text.secondary', fontSize: 14 }}>
              Within a side: left {byCaliper(plan.spreadLeftMm)}, right {byCaliper(plan.spreadRightMm)}. Ends
              at about {byCaliper(plan.endsAtMm)} (est.). {plan.totalStrokes} strokes in all.
            </Box>
            {plan.outliers.length > 0 && (
              <Box>
                Cutter {plan.outliers.map((p) => p + 1).join(', ')} stands alone below the rest: leaving it
                out saves {plan.saved} strokes.
                <Button
                  variant="outlined"
                  fullWidth
                  sx={{ mt: 0.75 }}
                  onClick={() => void actions.deal({ leaveOut: [...leftOut, ...plan.outliers] })}
                >
                  Leave it out
                </Button>
              </Box>
            )}
            {leftOut.length > 0 && (
              <Button variant="outlined" fullWidth onClick={() => void actions.deal({ leaveOut: [] })}>
                Count cutter {leftOut.map((p) => p + 1).join(', ')} again
              </Button>
            )}
          </>
        ) : (
          <Box>
            {measured} of {page.cutters} cutters measured. A plan needs two on each side.
          </Box>
        )}
        {open.after && open.afterSpreadMm !== undefined && (
          <Box>
            After filing: {balanceSentence(open.after)} Spread {byCaliper(open.afterSpreadMm)}.
          </Box>
        )}
      </Box>
      <Box sx={{ display: 'grid', gap: 1.25, mt: 1.5 }}>
        <Choice<Shown>
          label="Strokes"
          value={open.way ?? 'ADVISED'}
          options={[
            { value: 'ADVISED', label: 'As advised' },
            { value: 'SAME_ON_ALL', label: 'Same on all' },
            { value: 'TO_ONE_LENGTH', label: 'To one length' },
          ]}
          onChange={(way) => void actions.deal({ way: way === 'ADVISED' ? undefined : way })}
        />
        <Tick
          label="Found dull: more base strokes"
          checked={open.dull}
          onChange={(dull) => void actions.deal({ dull })}
        />
        <Struck open={open} onDepth={(damage) => void actions.deal({ damage })} />
        <Box sx={{ color: 'text.secondary', fontSize: 14 }}>
          {open.baseStrokes} base strokes on each (est.). The file takes {rateSentence(page.rate)}
        </Box>
      </Box>
    </Panel>
  );
}

/** Stone or metal: how deep it bit into the worst cutter, and what that costs. */
function Struck({ open, onDepth }: { open: Schemas['OpenSharpening']; onDepth: (typed: string) => void }) {
  const shown = typedLength(open.damageMm);
  const [typed, setTyped] = useState(shown);
  const tell = () => {
    if (typed.trim() !== shown) onDepth(typed);
  };
  return (
    <Box sx={{ display: 'grid', gap: 0.5 }}>
      <Field
        label={inUnit('Struck: depth of the damage')}
        hint="On the worst cutter"
        inputMode="decimal"
        value={typed}
        onChange={setTyped}
        onBlur={tell}
        onKeyDown={(e) => {
          if (e.key === 'Enter') {
            e.preventDefault();
            tell();
          }
        }}
      />
      {open.fileBack && <Box sx={{ fontSize: 14 }}>{fileBackSentence(open.fileBack, 'DAMAGE')}</Box>}
    </Box>
  );
}
