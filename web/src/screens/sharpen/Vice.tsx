import Box from '@mui/material/Box';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { Body, Params, Schemas } from '../../api/client';
import { newId, send } from '../../api/client';
import { Problem } from '../../api/problem';
import { Choice } from '../../parts/Choice';
import { LoopMap } from '../../parts/LoopMap';
import { CutterList } from './CutterList';
import { EndSharpening } from './EndSharpening';
import { FileStrokes } from './FileStrokes';
import { MeasureCutter } from './MeasureCutter';
import { PlanPanel } from './PlanPanel';
import { nextToFile, nextToMeasure } from './order';

export type Phase = 'BEFORE' | 'FILE' | 'AFTER';

/** What the hand does at the vice, and the write behind it. */
export interface ViceActions {
  measure: (place: number, length: string | undefined, damage?: Schemas['CutterDamage']) => Promise<boolean>;
  filed: (place: number, strokes: number | undefined) => Promise<boolean>;
  deal: (deal: {
    dull?: boolean;
    /** How deep the worst cutter is bitten into; empty where nothing was struck. */
    damage?: string;
    way?: Schemas['FilingWay'] | undefined;
    leaveOut?: number[];
  }) => Promise<boolean>;
  problem: string | undefined;
}

/** The loop while it lies in the vice. */
export function Vice({
  page,
  open,
  visitId,
}: {
  page: Schemas['SharpeningPage'];
  open: Schemas['OpenSharpening'];
  visitId: string | undefined;
}) {
  const [phase, setPhase] = useState<Phase>(
    open.places.some((p) => p.strokes !== undefined) ? 'FILE' : 'BEFORE',
  );
  const [chosen, setChosen] = useState<number | undefined>();
  const actions = useActions(page, open, phase);
  const next = phase === 'FILE' ? nextToFile(open) : nextToMeasure(open, phase === 'AFTER');
  const place = chosen ?? next ?? 0;
  const shared = { page, open, place, actions, onDone: () => setChosen(undefined), onChoose: setChosen };
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) 320px' },
        gap: 2.5,
        alignItems: 'start',
      }}
    >
      <Box sx={{ display: 'grid', gap: 1.5, minWidth: 0 }}>
        <Choice<Phase>
          label="At the vice"
          value={phase}
          options={[
            { value: 'BEFORE', label: 'Measure' },
            { value: 'FILE', label: 'File' },
            { value: 'AFTER', label: 'Measure again' },
          ]}
          onChange={(to) => {
            setPhase(to);
            setChosen(undefined);
          }}
        />
        <LoopMap
          places={open.places}
          after={phase === 'AFTER'}
          shortest={open.plan?.targetMm}
          outliers={open.plan?.outliers ?? []}
          current={next === undefined && chosen === undefined ? undefined : place}
          onChoose={setChosen}
        />
        {phase === 'FILE' ? (
          <FileStrokes {...shared} />
        ) : (
          <MeasureCutter key={phase} {...shared} after={phase === 'AFTER'} />
        )}
        <CutterList open={open} after={phase === 'AFTER'} current={place} onChoose={setChosen} />
      </Box>
      <Box sx={{ display: 'grid', gap: 2 }}>
        <PlanPanel page={page} open={open} actions={actions} />
        <EndSharpening page={page} open={open} visitId={visitId} />
      </Box>
    </Box>
  );
}

/** What is written down at the vice while a loop is in it. */
type Act = `/api/sharpenings/{sharpeningId}/${'cutters' | 'filed' | 'deal'}`;

/** Every length and every stroke is stored as it comes; what the server refuses is said, and nothing moves on. */
function useActions(
  page: Schemas['SharpeningPage'],
  open: Schemas['OpenSharpening'],
  phase: Phase,
): ViceActions {
  const client = useQueryClient();
  const [problem, setProblem] = useState<string | undefined>();
  const write = async <P extends Act>(path: P, body: Omit<Body<P, 'post'>, 'id'>): Promise<boolean> => {
    try {
      const params = { path: { sharpeningId: open.id } } as unknown as Params<P, 'post'>;
      await send<P>(path, params, { ...body, id: newId() } as Body<P, 'post'>);
      setProblem(undefined);
      await client.invalidateQueries({
        queryKey: ['/api/saws/{tag}/sharpening', { path: { tag: page.tag } }],
      });
      return true;
    } catch (e) {
      setProblem(e instanceof Problem ? e.message : String(e));
      return false;
    }
  };
  return {
    measure: (place, length, damage) =>
      write('/api/sharpenings/{sharpeningId}/cutters', {
        place,
        after: phase === 'AFTER',
        ...(length === undefined ? {} : { length }),
        ...(damage ? { damage } : {}),
      }),
    filed: (place, strokes) =>
      write('/api/sharpenings/{sharpeningId}/filed', {
        place,
        ...(strokes === undefined ? {} : { strokes }),
      }),
    deal: (deal) =>
      write('/api/sharpenings/{sharpeningId}/deal', {
        dull: open.dull,
        ...(open.way ? { way: open.way } : {}),
        ...(open.damageMm === undefined ? {} : { damage: `${open.damageMm} mm` }),
        leaveOut: open.places.filter((p) => p.leftOut).map((p) => p.place),
        ...deal,
      }),
    problem,
  };
}
