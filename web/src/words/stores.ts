import type { Schemas } from '../api/client';
import { ofLitres, byRule } from './units';
import { daysApart, fleetDay } from './days';
import { dayAhead, dayOf, rounded } from './format';

export const stockWords: Record<Schemas['StockKind'], string> = {
  PLUG: 'Plug',
  AIR_FILTER: 'Air filter',
  FILE: 'File',
  NEEDLE_BEARING: 'Needle bearing',
  BAR_OIL: 'Bar oil',
  TWO_STROKE_OIL: 'Two-stroke oil',
  GREASE: 'Grease',
  BAR_GUARD: 'Bar guard',
  ARRESTOR_SCREEN: 'Arrestor screen',
  PICK_UP_FILTER: 'Pick-up filter',
  STARTER_ROPE: 'Starter rope',
  HAND_GUARD: 'Hand guard',
  CATCHER: 'Chain catcher',
  CAP_SEAL: 'Cap seal',
  CONTROL_PART: 'Trigger, lock or switch part',
  MOUNT: 'Vibration mount',
  FASTENER: 'Nut, bolt or stud',
};

/** What the "fits" of a kind means. */
export function fitsHint(kind: Schemas['StockKind']): string {
  if (kind === 'PLUG') return 'Plug code; empty for all';
  return kind === 'FILE'
    ? `Diameter, such as ${byRule(4.8)}; empty for all`
    : 'Make and model; empty for all';
}

export function amount(count: number, unit: Schemas['StockUnit']): string {
  const figure = rounded(count, 1);
  if (unit === 'LITRE') return ofLitres(count);
  if (unit === 'SHOT') return `${figure} ${count === 1 ? 'shot' : 'shots'}`;
  return figure;
}

const CAUSES: Record<Schemas['MoveCause'], string> = {
  USED: 'Used',
  RECEIVED: 'Received',
  COUNTED: 'Counted',
};
export const causeWords = (cause: Schemas['MoveCause']) => CAUSES[cause];

/** Why something is on the order list, with its figures. */
export function itemReasons(item: Schemas['ItemView']): string {
  const { unit, card } = item;
  return (item.order?.reasons ?? [])
    .map((reason): string => {
      switch (reason) {
        case 'RESERVED_EXCEEDS_SHELF':
          return `waiting work needs ${amount(item.reserved, unit)}, ${amount(item.shelf, unit)} on the shelf`;
        case 'BELOW_LEAST':
          return `${amount(item.shelf - item.reserved, unit)} free, minimum ${amount(card.least, unit)}`;
        case 'RUNS_OUT_BEFORE_DELIVERY':
          return `runs out about ${item.runsOut ? dayAhead(item.runsOut.likely) : 'now'}, before an order would arrive`;
        case 'PARTS_WEAR_OUT':
          return 'parts wear out';
      }
    })
    .join('; ');
}

export function partReasons(group: Schemas['PartGroup']): string {
  return (group.order?.reasons ?? [])
    .map((reason): string => {
      switch (reason) {
        case 'PARTS_WEAR_OUT':
          return group.wearing
            .map((w) => `${w.part} on saw ${w.saw} about ${dayAhead(w.date.likely)} (est.)`)
            .join(', ');
        case 'RESERVED_EXCEEDS_SHELF':
          return `waiting work on saw ${group.reserved.join(', ')} needs ${group.reserved.length}, ${group.shelf.length} on the shelf`;
        // What lies there of tagged parts has no least and is not used steadily.
        case 'BELOW_LEAST':
        case 'RUNS_OUT_BEFORE_DELIVERY':
          return '';
      }
    })
    .filter(Boolean)
    .join('; ');
}

/** An order that is awaited, in a line. */
export function orderWords(order: Schemas['OrderView'], unit: Schemas['StockUnit']): string {
  const from = order.supplier ? ` from ${order.supplier}` : '';
  const when = order.expectedOn ? `, expected ${expected(order.expectedOn)}` : '';
  return `${amount(order.amount, unit)} ordered ${dayOf(order.at)}${from}${when}`;
}

function expected(day: string): string {
  const days = daysApart(new Date(), fleetDay(day));
  return days < 0 ? `${-days} ${days === -1 ? 'day' : 'days'} ago: chase it` : dayAhead(day);
}
