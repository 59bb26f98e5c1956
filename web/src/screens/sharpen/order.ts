import type { Schemas } from '../../api/client';

type Open = Pick<Schemas['OpenSharpening'], 'places' | 'plan'>;

/** The next cutter to measure, in the order of the loop; none when all are. */
export function nextToMeasure(open: Open, after: boolean): number | undefined {
  return open.places.find(
    (p) =>
      p.damage === undefined &&
      (after ? p.afterMm === undefined && p.beforeMm !== undefined : p.beforeMm === undefined),
  )?.place;
}

/** The next cutter to file: one side first, then the other, since each is filed from its opposite side. */
export function nextToFile(open: Open): number | undefined {
  const waits = (open.plan?.cutters ?? []).filter(
    (c) => c.strokes > 0 && open.places[c.place]?.strokes === undefined,
  );
  return (waits.find((c) => c.side === 'LEFT') ?? waits[0])?.place;
}

/** Planned strokes of a cutter. */
export function plannedStrokes(open: Open, place: number): number | undefined {
  return open.plan?.cutters.find((c) => c.place === place)?.strokes;
}
