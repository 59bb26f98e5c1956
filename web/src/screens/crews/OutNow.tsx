import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { ReactNode } from 'react';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { Panel } from '../../parts/Panel';
import { TagPlate } from '../../parts/Plate';
import { Field, Pick } from '../../parts/Field';
import { FEW, useSome } from '../../parts/more';
import { TallyStrip } from '../../parts/TallyStrip';
import { momentOf, rounded } from '../../words/format';
import { units } from '../../words/schedule';
import { byTag } from '../../words/tags';
import { CorrectOuting } from '../corrections/CorrectOuting';
import { useSigned } from '../../shell/signed';

/** How much of the oil tank went in with a tank of fuel; most often nobody says, and one press is enough. */
const OIL = [
  { value: '', label: 'Not checked' },
  { value: '0', label: 'None' },
  { value: '0.25', label: 'A quarter' },
  { value: '0.5', label: 'Half' },
  { value: '0.75', label: 'Three quarters' },
  { value: '1', label: 'The whole' },
];

/** What is out, and the tanks logged so far, one stroke each. */
export function OutNow({
  board,
  crews,
  out,
}: {
  board: Schemas['Board'];
  crews: Schemas['CrewView'][];
  out: Schemas['OpenOuting'][];
}) {
  const [oil, setOil] = useState('');
  const [text, setText] = useState('');
  const wanted = text.trim().toLowerCase();
  const powerOf = (tag: string) =>
    board.rails.flatMap((r) => r.plates).find((p) => p.tag === tag)?.power ?? 'PETROL';
  return (
    <Panel title="Out now">
      {out.length === 0 && <Box sx={{ color: 'text.secondary' }}>Nothing is out.</Box>}
      {out.length > 0 && (
        <Box sx={{ mb: 1.5, display: 'grid', gap: 1.5 }}>
          {out.length > FEW && <Field label="Show only, by tag or crew" value={text} onChange={setText} />}
          <Pick label="Bar oil filled with the next tank" value={oil} options={OIL} onChange={setOil} />
        </Box>
      )}
      {crews.map((crew) => (
        <WithCrew
          key={crew.id}
          crew={crew.name}
          asked={wanted}
          out={out.filter(
            (o) => o.crewId === crew.id && `${o.tag} ${crew.name}`.toLowerCase().includes(wanted),
          )}
          line={(outing) => (
            <OutLine
              key={outing.tag}
              outing={outing}
              power={powerOf(outing.tag)}
              oil={oil}
              onLogged={() => setOil('')}
            />
          )}
        />
      ))}
    </Panel>
  );
}

/** What one crew has out; of a long row the first, and more as it is asked for. */
function WithCrew({
  crew,
  out,
  asked,
  line,
}: {
  crew: string;
  out: Schemas['OpenOuting'][];
  asked: string;
  line: (outing: Schemas['OpenOuting']) => ReactNode;
}) {
  const { some, more } = useSome([...out].sort(byTag), FEW, asked);
  if (out.length === 0) return null;
  return (
    <Box sx={{ mb: 1.5 }}>
      <Box component="h3" sx={{ fontSize: 14, fontWeight: 600, m: 0 }}>
        {crew}
        {out.length > FEW && `, ${out.length} out`}
      </Box>
      {some.map(line)}
      {more}
    </Box>
  );
}

function OutLine({
  outing,
  power,
  oil,
  onLogged,
}: {
  outing: Schemas['OpenOuting'];
  power: Schemas['Power'];
  oil: string;
  onLogged: () => void;
}) {
  const write = useSigned('/api/saws/{tag}/refuels', { path: { tag: outing.tag } });
  return (
    <Box
      role="group"
      aria-label={`Out: ${outing.tag}`}
      sx={{ display: 'flex', alignItems: 'start', gap: 1.25, py: 0.5, minHeight: 44 }}
    >
      <TagPlate tag={outing.tag} />
      <Box sx={{ flexGrow: 1, fontSize: 13.5, color: 'text.secondary' }}>
        since {momentOf(outing.outAt)}
        {outing.refuels > 0 && (
          <TallyStrip
            used={outing.refuels}
            limit={outing.refuels}
            text={`${units(outing.refuels, 'TANKS', power)} logged`}
          />
        )}
        {outing.oilTanks !== undefined && <Box>{rounded(outing.oilTanks, 2)} of bar oil</Box>}
        {write.error && (
          <Box role="alert" sx={{ color: 'error.main' }}>
            {write.error.message}
          </Box>
        )}
        <div>
          <CorrectOuting outingId={outing.id} label={`Put ${outing.tag} right`} />
        </div>
      </Box>
      <Undo outing={outing} power={power} />
      <Button
        variant="outlined"
        aria-label={`One ${ONE[power]} more on saw ${outing.tag}`}
        disabled={!write.ready}
        onClick={() => write.send(oil ? { oilShare: Number(oil) } : {}, { onSuccess: onLogged })}
      >
        +1
      </Button>
    </Box>
  );
}

/** The key was pressed once too often. */
function Undo({ outing, power }: { outing: Schemas['OpenOuting']; power: Schemas['Power'] }) {
  const write = useSigned('/api/saws/{tag}/refuels/undo', { path: { tag: outing.tag } });
  if (outing.refuels === 0) return null;
  return (
    <Button
      variant="text"
      aria-label={`One ${ONE[power]} less on saw ${outing.tag}`}
      disabled={!write.ready}
      onClick={() => write.send({})}
    >
      −1
    </Button>
  );
}

const ONE: Record<Schemas['Power'], string> = { PETROL: 'tank', BATTERY: 'charge', CORDED: 'hour' };
