// @vitest-environment jsdom
import { screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { show } from '../../testing/screen';
import { setForm } from './form';
import { SetFields } from './SetFields';

const loop = (tag: string, more: object = {}) => ({
  tag,
  pitch: 'P_325',
  gauge: 'G_050',
  driveLinks: 68,
  ...more,
});

const PARTS = {
  chains: [
    loop('YC-1'),
    loop('YC-2', { retiredAt: '2026-05-01T10:00:00Z' }),
    loop('YC-3'),
    loop('YC-4', { onSaw: '07' }),
    loop('YC-5', { onSaw: '08' }),
    loop('YC-6'),
    loop('YC-7'),
  ],
  bars: [],
  sprockets: [],
};

const OUT_OF_USE = [
  { tag: 'YC-2', condemned: false, retired: true, away: false, unseen: false },
  { tag: 'YC-3', condemned: true, retired: false, away: false, unseen: false },
  { tag: 'YC-4', condemned: true, retired: false, away: false, unseen: false },
  { tag: 'YC-6', condemned: false, retired: false, away: true, unseen: false },
  { tag: 'YC-7', condemned: false, retired: false, away: false, unseen: true },
];

/** The loops that are offered for saw 07, which has YC-4 on. */
async function offered(): Promise<string[]> {
  const form = setForm();
  const page = show(
    <SetFields
      set={{ ...form, chain: { ...form.chain, source: 'SHELF' } }}
      sawTag="07"
      problemAt={() => undefined}
      onChange={() => undefined}
    />,
    { answers: { '/api/parts': PARTS, '/api/out-of-use': OUT_OF_USE } },
  );
  await waitFor(() => expect(page.asked).toContain('/api/out-of-use'));
  const list = () =>
    within(screen.getByRole('combobox', { name: 'Chain' }))
      .getAllByRole('option')
      .map((option) => option.textContent);
  await waitFor(() => expect(list().some((label) => label.includes('condemned'))).toBe(true));
  return list();
}

describe('the parts of a set', () => {
  it('offers nothing that is out of use, and marks what hangs on the saw all the same', async () => {
    const [choose, ...loops] = await offered();
    expect(choose).toBe('Choose');
    expect(loops.map((label) => label.split(':')[0])).toEqual(['YC-1', 'YC-4', 'YC-7']);
    expect(loops[1]).toMatch(/\(fitted, condemned\)$/);
    expect(loops[2]).toMatch(/\(unseen\)$/);
  });
});
