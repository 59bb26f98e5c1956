import { Loading } from '../../parts/Loading';
import { useAtWork } from '../../shell/leaving';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { useFaultsOfSaw, useGrade, useOiling } from '../../api/queries';
import { Choice } from '../../parts/Choice';
import { Field } from '../../parts/Field';
import { OilChart } from '../../parts/OilChart';
import { Panel } from '../../parts/Panel';
import { TagPlate } from '../../parts/Plate';
import { ProblemNote } from '../../parts/ProblemNote';
import { Heading } from '../../parts/Heading';
import { figures } from '../../theme';
import { outcomeWords } from '../../words/bench';
import { words } from '../../words/en';
import { gradeWords, oilVerdictWords, ratioSentence, rungWords } from '../../words/faults';
import { momentOf, rounded } from '../../words/format';
import { FaultRow } from '../faults/FaultRow';
import { numberOf } from '../../words/number';

type Outlet = 'UNKNOWN' | 'YES' | 'NO';

/** How a saw uses its bar oil, and what is looked at when it does not. */
export default function OilingScreen() {
  useAtWork();
  const { tag = '' } = useParams();
  const [outlet, setOutlet] = useState<Outlet>('UNKNOWN');
  const { data: page, error } = useOiling(tag, outlet === 'UNKNOWN' ? undefined : outlet === 'YES');
  const { data: faults } = useFaultsOfSaw(tag);
  if (!page) {
    return error ? (
      <>
        <ProblemNote sentences={[error.message]} />
        <Link to="/saws">To the saws</Link>
      </>
    ) : (
      <Loading />
    );
  }
  const open = (faults ?? []).filter((f) => f.stage !== 'CLOSED');
  return (
    <>
      <title>{`Oiling, saw ${tag} – Yellow Tally`}</title>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 2, py: 1.5 }}>
        <TagPlate tag={tag} size="large" />
        <Box sx={{ flexGrow: 1 }}>
          <Heading level={1} why={7}>
            Oiling
          </Heading>
          <Box sx={{ color: 'text.secondary' }}>
            Oiler: {words.oiler[page.oiler].toLowerCase()}. <Link to={`/saws/${tag}`}>To saw {tag}</Link>
          </Box>
        </Box>
        <Button
          variant="contained"
          component={Link}
          to={`/faults/new?saw=${tag}&complaint=${page.ratio?.verdict === 'HIGH' ? 'oil-lost' : 'runs-dry'}&origin=READING`}
        >
          Find the cause
        </Button>
      </Box>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) 340px' },
          gap: 3,
          alignItems: 'start',
        }}
      >
        <Box sx={{ display: 'grid', gap: 2.5, minWidth: 0 }}>
          <Box component="section" aria-label="Oil beside fuel">
            <Box sx={{ ...figures, fontSize: 26 }}>
              {page.ratio ? oilVerdictWords[page.ratio.verdict] : 'Too little to tell'}
            </Box>
            <Box sx={{ mb: 1.5, fontSize: 17 }}>
              {page.ratio
                ? ratioSentence(page.ratio, page.power, page.oiler)
                : `Fewer than ${rounded(page.limits.leastTanks, 1)} tanks with their oil since the last passing card.`}
            </Box>
            {page.uses.length > 0 && <OilChart page={page} />}
          </Box>
          {open.length > 0 && (
            <Box component="section" aria-label="Open faults">
              <Box component="h2" sx={{ typography: 'h2', m: 0 }}>
                Open faults
              </Box>
              <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
                {open.map((fault) => (
                  <FaultRow key={fault.id} fault={fault} withTag={false} />
                ))}
              </Box>
            </Box>
          )}
          <Cards page={page} />
        </Box>
        <Box sx={{ display: 'grid', gap: 2 }}>
          <Panel title="No oil on the card: look here">
            <Choice<Outlet>
              label="Oil at the outlet, bar off, brake off?"
              value={outlet}
              options={[
                { value: 'UNKNOWN', label: 'Not checked' },
                { value: 'YES', label: 'Yes' },
                { value: 'NO', label: 'No' },
              ]}
              onChange={setOutlet}
            />
            <Box component="ol" sx={{ pl: 2.5, mb: 0 }}>
              {page.ladder.map((rung) => (
                <li key={rung}>{rungWords[rung]}</li>
              ))}
            </Box>
          </Panel>
          <Grade thinBelow={page.thinBelowCelsius} />
        </Box>
      </Box>
    </>
  );
}

/** Card tests with the turns of the adjuster beside them. */
function Cards({ page }: { page: Schemas['OilingPage'] }) {
  return (
    <Box component="section" aria-label="Card tests">
      <Box component="h2" sx={{ typography: 'h2', m: 0, mb: 0.5 }}>
        Card tests{page.oiler === 'AUTOMATIC_ADJUSTABLE' ? ' and turns of the adjuster' : ''}
      </Box>
      {page.cards.length === 0 && <Box>None on record.</Box>}
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {page.cards.map((card) => (
          <Box
            component="li"
            key={card.at}
            sx={(t) => ({
              display: 'grid',
              gridTemplateColumns: { xs: '1fr', sm: '128px 80px minmax(0, 1fr)' },
              columnGap: 1.5,
              py: 0.6,
              borderBottom: `1px solid ${t.vars.palette.house.hairline}`,
            })}
          >
            <Box sx={{ color: 'text.secondary', fontSize: 14 }}>{momentOf(card.at)}</Box>
            <Box sx={{ fontWeight: 600 }}>{outcomeWords[card.outcome]}</Box>
            <Box sx={{ overflowWrap: 'anywhere' }}>
              {[
                card.by,
                card.turns === undefined
                  ? ''
                  : `${rounded(Math.abs(card.turns), 2)} turns ${card.turns < 0 ? 'in' : 'out'}, ${rounded(card.turnsSum ?? 0, 2)} in all`,
                card.presses === undefined ? '' : `${rounded(card.presses, 0)} presses`,
                card.note ?? '',
              ]
                .filter(Boolean)
                .join('. ')}
            </Box>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

function Grade({ thinBelow }: { thinBelow: number }) {
  const [celsius, setCelsius] = useState('');
  const asked = numberOf(celsius) ?? Number.NaN;
  const { data, error } = useGrade(asked);
  return (
    <Panel title="Which oil">
      <Field
        label="Temperature at work, °C"
        inputMode="numeric"
        value={celsius}
        onChange={setCelsius}
        problem={error?.message}
        hint={`Below ${rounded(thinBelow, 0)} °C the thin grade. Only oil made for bars, never drained engine oil.`}
      />
      {data && (
        <Box role="status" sx={{ fontWeight: 600, mt: 1 }}>
          {gradeWords[data.grade]}
        </Box>
      )}
    </Panel>
  );
}
