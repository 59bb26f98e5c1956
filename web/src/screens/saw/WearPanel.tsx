import Box from '@mui/material/Box';
import type { Schemas } from '../../api/client';
import { useSawWear } from '../../api/queries';
import { PartTag } from '../../parts/PartTag';
import { WearChart } from '../../parts/WearChart';
import { Heading } from '../../parts/Heading';
import { flipSentence, pairingWords } from '../../words/edge';
import { rounded, tanks } from '../../words/format';
import { partWord } from '../../words/partWord';
import { byGauge } from '../../words/units';
import { costSentence, insightSentence } from '../../words/wear';

const ORDINAL = ['', 'first', 'second', 'third', 'fourth', 'fifth', 'sixth'];

/** How the fitted set wears: where each part has been, its readings, and how long it will last. */
export function WearPanel({ tag, power }: { tag: string; power: Schemas['Power'] }) {
  const { data: wear } = useSawWear(tag);
  if (!wear || wear.parts.length === 0) return null;
  // Growth has its own chart below, with the days on it.
  const charts = wear.wear.filter((w) => w.kind !== 'GROWTH');
  return (
    <Box component="section" aria-label="Wear and life" sx={{ mt: 3 }}>
      <Box sx={{ mb: 1 }}>
        <Heading level={2} why={14}>
          Wear and life
        </Heading>
      </Box>
      {wear.insights.map((found) => (
        <Box key={insightSentence(found)} sx={{ fontWeight: 600, mb: 0.75 }}>
          {insightSentence(found)}
        </Box>
      ))}
      {wear.pairing.map((note) => (
        <Box key={note} sx={{ fontWeight: 600, mb: 0.75, color: 'error.main' }}>
          {pairingWords[note]}
        </Box>
      ))}
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: 'repeat(auto-fit, minmax(min(280px, 100%), 1fr))',
          gap: 2,
          mb: 1.5,
        }}
      >
        {charts.map((w) => (
          <WearChart key={w.kind} wear={w} power={power} />
        ))}
      </Box>
      {notes(wear).map((note) => (
        <Box key={note} sx={{ mb: 0.5 }}>
          {note}
        </Box>
      ))}
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0, mt: 1 }}>
        {wear.parts.map((part) => (
          <Box component="li" key={part.tag} sx={{ py: 0.25 }}>
            {partWord(part.kind)} <PartTag tag={part.tag} />: {tanks(part.tanksAll, power)}
            {part.stays > 1 && `, ${tanks(part.tanksHere, power)} of them here`}
            {part.loop !== undefined &&
              part.sprocket &&
              `, ${place(part.loop, part.loops ?? part.loop)} on ${part.sprocket}`}
            {part.cost && `, ${costSentence(part.cost, power)}`}
          </Box>
        ))}
      </Box>
    </Box>
  );
}

function place(loop: number, of: number): string {
  const nth = ORDINAL[loop] ?? `number ${loop}`;
  return of === 1 ? 'the only loop' : `${nth} of ${of} loops`;
}

function notes(wear: Schemas['SawWearPage']): string[] {
  const said: string[] = [];
  const edge = wear.edge;
  if (edge) {
    const left = edge.sharpeningsLeft;
    said.push(
      `Edge: ${rounded(edge.percentLeft, 0)} % left${left ? `, about ${rounded(left.likely, 0)} sharpenings (est.)` : ''}.`,
    );
  }
  if (wear.dressingsLeft !== undefined) {
    said.push(
      `Bar: about ${wear.dressingsLeft} dressings left; one costs ${byGauge(wear.dressingMm)}${wear.dressingsMeasured > 0 ? `, learned from ${wear.dressingsMeasured}` : ' (est.)'}.`,
    );
  }
  if (wear.flip) said.push(flipSentence(wear.flip));
  if (wear.sprocketLoopsLeft !== undefined) {
    said.push(cadence('Sprocket', wear.sprocketLoopsLeft));
  }
  if (wear.barLoopsLeft !== undefined) said.push(cadence('Bar', wear.barLoopsLeft));
  if (wear.nextLoop) said.push(`Loops take turns on this sprocket: ${wear.nextLoop.tag} is next.`);
  return said;
}

function cadence(part: string, left: number): string {
  const said =
    left > 1
      ? `good for about ${left} more loops after this one`
      : left === 1
        ? 'the next loop is its last'
        : left === 0
          ? 'this loop is its last'
          : 'it is at its end: measure it, or fit a new one';
  return `${part} not measured: by the house cadence and the loops worn out on it (est.) ${said}.`;
}
