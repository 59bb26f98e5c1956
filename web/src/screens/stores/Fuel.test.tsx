// @vitest-environment jsdom
import { screen, waitFor, within } from '@testing-library/react';
import { useState } from 'react';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import { show } from '../../testing/screen';
import { CanChoice } from '../bench/CanChoice';
import { Fuel } from './Fuel';

function can(name: string, days: number, more: Partial<Schemas['CanView']> = {}): Schemas['CanView'] {
  return {
    id: `id-${name.replace(' ', '-')}`,
    name,
    ratio: 50,
    fuelMl: 5000,
    oilMl: 100,
    mixedOn: '2026-05-01',
    age: { days, old: days >= 30, daysLeft: Math.max(0, 30 - days) },
    by: 'Ida Marsh',
    ...more,
  };
}

const ANSWERS = {
  '/api/fuel/cans': [can('Red 1', 34), can('Red 2', 3)],
  '/api/fuel/mix': { fuelMl: 9463.5, oilMl: 189.3, oil: 6.4 },
};

describe('fuel', () => {
  it('says the oil for what is typed, in the units of the can', async () => {
    const fuel = show(<Fuel />, { answers: ANSWERS });
    await fuel.user.selectOptions(screen.getByLabelText('Unit'), 'US gal');
    await waitFor(() =>
      expect(screen.getByRole('status', { name: 'Oil' }).textContent).toBe('6.4 US fl oz of oil (189 mL)'),
    );
  });

  it('writes a mix down and counts the age of each can', async () => {
    const fuel = show(<Fuel />, { answers: ANSWERS });
    const cans = within(await screen.findByRole('list', { name: 'Cans' }));
    expect(cans.getByText(/34 days old: too old, do not fill it/)).toBeTruthy();
    expect(cans.getByText(/3 days old, good for 27 more/)).toBeTruthy();
    await fuel.user.clear(screen.getByLabelText('How much fuel'));
    await fuel.user.type(screen.getByLabelText('How much fuel'), '2.5');
    await fuel.user.type(screen.getByLabelText('Can'), 'Red 3');
    await fuel.user.click(screen.getByRole('button', { name: 'Record the mix' }));
    await waitFor(() =>
      expect(fuel.sent[0]?.body).toMatchObject({ name: 'Red 3', amount: 2.5, unit: 'LITRE', ratio: 50 }),
    );
    await fuel.user.click(screen.getByRole('button', { name: 'Can Red 1 is empty' }));
    await waitFor(() => expect(fuel.sent[1]?.path).toBe('/api/fuel/cans/id-Red-1/empty'));
  });

  it('offers the cans where a saw is filled, and flags another ratio', async () => {
    const Filling = () => {
      const [chosen, setChosen] = useState<string | undefined>();
      return <CanChoice ratio={40} chosen={chosen} onChoose={(c) => setChosen(c.name)} />;
    };
    const fill = show(<Filling />, { answers: ANSWERS });
    const old = await screen.findByRole('button', { name: /Can Red 1.*too old/ });
    expect(old.textContent).toContain('Not the ratio of this saw, which is 40:1.');
    await fill.user.click(old);
    expect(old.getAttribute('aria-pressed')).toBe('true');
  });
});
