import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { amount, itemReasons, partReasons } from './stores';

const item = (reasons: Schemas['OrderReason'][], more: Partial<Schemas['ItemView']> = {}) =>
  ({
    id: 'x',
    version: 0,
    kind: 'FILE',
    unit: 'PIECE',
    card: { name: 'Round file 4.8', least: 3, pack: 6 },
    shelf: 2,
    reserved: 0,
    reservedFor: [],
    fits: [],
    order: { quantity: 6, reasons },
    ...more,
  }) as Schemas['ItemView'];

describe('stores in words', () => {
  it('counts in the unit of the kind', () => {
    expect(amount(2, 'PIECE')).toBe('2');
    expect(amount(22.5, 'LITRE')).toBe('22.5 L');
    expect(amount(1, 'SHOT')).toBe('1 shot');
    expect(amount(85, 'SHOT')).toBe('85 shots');
  });
  it('gives every line of the order list its reasons', () => {
    expect(itemReasons(item(['BELOW_LEAST']))).toBe('2 free, minimum 3');
    expect(itemReasons(item(['RESERVED_EXCEEDS_SHELF'], { reserved: 4 }))).toBe(
      'waiting work needs 4, 2 on the shelf',
    );
    expect(itemReasons(item(['RUNS_OUT_BEFORE_DELIVERY', 'BELOW_LEAST']))).toBe(
      'runs out about now, before an order would arrive; 2 free, minimum 3',
    );
  });
  it('names the parts that wear out', () => {
    const group = {
      kind: 'CHAIN',
      spec: '3/8"',
      fits: [],
      shelf: ['YC-35'],
      condemned: [],
      away: [],
      reserved: ['07', '15'],
      wearing: [],
      like: 'YC-31',
      onOrder: [],
      order: { quantity: 1, reasons: ['RESERVED_EXCEEDS_SHELF'] },
    } as Schemas['PartGroup'];
    expect(partReasons(group)).toBe('waiting work on saw 07, 15 needs 2, 1 on the shelf');
  });
});
