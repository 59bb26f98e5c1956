// @vitest-environment jsdom
import { screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import { Refused, show } from '../../testing/screen';
import CrewsScreen from './CrewsScreen';

const CREW = { id: 'c1', name: 'Tunnel gang' };

function plate(tag: string, power: Schemas['Power']): Schemas['Plate'] {
  return { tag, state: 'FIT', handle: 'REAR', power };
}

function board(...plates: Schemas['Plate'][]): Partial<Schemas['Board']> {
  return { rails: [{ kind: 'CREW', plates }], work: [] };
}

function out(tag: string, more: Partial<Schemas['OpenOuting']> = {}): Schemas['OpenOuting'] {
  return {
    id: `o${tag}`,
    tag,
    crewId: CREW.id,
    outAt: '2026-05-01T07:15:00Z',
    refuels: 0,
    oilOfAll: false,
    ...more,
  };
}

function crews(...open: Schemas['OpenOuting'][]) {
  return show(<CrewsScreen />, {
    at: '/crews',
    answers: {
      '/api/board': board(plate('04', 'PETROL'), plate('08', 'PETROL'), plate('14', 'BATTERY')),
      '/api/crews': [CREW],
      '/api/outings/open': open,
    },
  });
}

const tags = () => screen.findByLabelText('Saws that came back');
const saw = (tag: string) => within(screen.getByRole('group', { name: `Saw ${tag}` }));

describe('out and back', () => {
  it('takes several saws back with the day they shared and what each one did', async () => {
    const view = crews(out('04'), out('14'));
    await view.user.type(await tags(), '04, 14{Enter}');
    await waitFor(() => expect(document.activeElement).toBe(saw('04').getByLabelText('Tanks')));
    await view.user.keyboard('2');
    await view.user.type(saw('14').getByLabelText('Charges'), '1,5');
    await view.user.click(screen.getByLabelText('Rain'));
    await view.user.click(saw('14').getByLabelText('Struck ground'));
    await view.user.click(screen.getByRole('button', { name: 'Take 2 saws back' }));
    await waitFor(() => expect(view.sent).toHaveLength(1));
    expect(view.sent[0]?.body.saws).toMatchObject([
      { tag: '04', tanks: 2, rain: true, groundStruck: false },
      { tag: '14', tanks: 1.5, rain: true, groundStruck: true },
    ]);
    await waitFor(() => expect(screen.getByLabelText('Saws that came back')).toHaveProperty('value', ''));
  });

  it('fills in what was logged meanwhile', async () => {
    const view = crews(
      out('08', { refuels: 3, oilTanks: 1.75, oilOfAll: true }),
      out('04', { refuels: 3, oilTanks: 0.25 }),
    );
    await view.user.type(await tags(), '08 04');
    expect(saw('08').getByLabelText('Tanks')).toHaveProperty('value', '3');
    expect(saw('08').getByLabelText('Bar oil, tanks')).toHaveProperty('value', '1.75');
    // Nobody looked at all three: what one of them took is not the oil of the outing.
    expect(saw('04').getByLabelText('Tanks')).toHaveProperty('value', '3');
    expect(saw('04').getByLabelText('Bar oil, tanks')).toHaveProperty('value', '');
  });

  it('asks of a longer outing alone on how many days the saw ran', async () => {
    const now = new Date().toISOString();
    const view = crews(out('04'), out('08', { outAt: now }));
    await view.user.type(await tags(), '04 08');
    expect(saw('08').queryByLabelText(/^Days it ran/)).toBeNull();
    await view.user.type(saw('04').getByLabelText('Tanks'), '2');
    await view.user.type(saw('04').getByLabelText(/^Days it ran, of/), '3');
    await view.user.type(saw('08').getByLabelText('Tanks'), '1');
    await view.user.click(screen.getByRole('button', { name: 'Take 2 saws back' }));
    await waitFor(() => expect(view.sent).toHaveLength(1));
    expect(view.sent[0]?.body.saws).toMatchObject([{ tag: '04', daysRun: 3 }, { tag: '08' }]);
    expect(JSON.stringify(view.sent[0]?.body).match(/daysRun/g)).toHaveLength(1);
  });

  it('says a refusal at its field, keeps what was typed, and sends the next try as a write of its own', async () => {
    const view = crews(out('04'), out('08'));
    view.answers({
      '/api/outings/return': new Refused(422, 'Cannot be', [
        { field: 'saws[1].tanks', code: 'outing.burned', sentence: '40 cannot be: it was out 90 minutes.' },
      ]),
    });
    await view.user.type(await tags(), '04 08');
    await view.user.type(saw('04').getByLabelText('Tanks'), '1');
    await view.user.type(saw('08').getByLabelText('Tanks'), '40');
    const take = screen.getByRole('button', { name: 'Take 2 saws back' });
    await view.user.click(take);
    expect((await saw('08').findByRole('alert')).textContent).toContain('40 cannot be');
    expect(saw('04').queryByRole('alert')).toBeNull();
    expect(saw('08').getByLabelText('Tanks')).toHaveProperty('value', '40');
    await view.user.click(take);
    await waitFor(() => expect(view.sent).toHaveLength(2));
    expect(view.sent[1]?.body.id).not.toBe(view.sent[0]?.body.id);
  });

  it('asks about what is unlikely, and about another figure anew', async () => {
    const view = crews(out('04'));
    view.answers({
      '/api/outings/return': new Refused(422, 'Unlikely', [
        {
          field: 'saws[0].sure',
          code: 'outing.unlikely',
          sentence: '25 in 300 minutes is more than a crew uses.',
        },
      ]),
    });
    await view.user.type(await tags(), '04');
    const tanks = saw('04').getByLabelText('Tanks');
    await view.user.type(tanks, '25');
    const take = screen.getByRole('button', { name: 'Take saw 04 back' });
    await view.user.click(take);
    await view.user.click(await saw('04').findByLabelText('25 is right'));
    await view.user.click(take);
    await waitFor(() => expect(view.sent).toHaveLength(2));
    expect(view.sent[1]?.body.saws).toMatchObject([{ tanks: 25, sure: true }]);
    await view.user.clear(tanks);
    await view.user.type(tanks, '26');
    expect(saw('04').getByLabelText('26 is right')).toHaveProperty('checked', false);
  });

  it('takes the last tank back that was logged once too often', async () => {
    const view = crews(out('04', { refuels: 2 }), out('08'));
    await view.user.click(await screen.findByRole('button', { name: 'One tank less on saw 04' }));
    await waitFor(() => expect(view.sent).toHaveLength(1));
    expect(view.sent[0]?.path).toBe('/api/saws/04/refuels/undo');
    expect(screen.queryByRole('button', { name: 'One tank less on saw 08' })).toBeNull();
  });

  it('keeps a half typed return for a closed browser, and forgets it once it is taken', async () => {
    const first = crews(out('04'));
    await first.user.type(await tags(), '04');
    await first.user.type(saw('04').getByLabelText('Complaint, in a few words'), 'Starts badly');
    first.unmount();
    const again = crews(out('04'));
    await tags();
    expect(saw('04').getByLabelText('Complaint, in a few words')).toHaveProperty('value', 'Starts badly');
    await again.user.type(saw('04').getByLabelText('Tanks'), '1');
    await again.user.click(screen.getByRole('button', { name: 'Take saw 04 back' }));
    await waitFor(() => expect(localStorage.getItem('yellow-tally.back')).toBeNull());
  });

  it('logs a tank with the oil that went in, once', async () => {
    const view = crews(out('04'), out('08'));
    await view.user.selectOptions(await screen.findByLabelText('Bar oil filled with the next tank'), 'Half');
    await view.user.click(screen.getByRole('button', { name: 'One tank more on saw 04' }));
    await waitFor(() => expect(view.sent).toHaveLength(1));
    expect(view.sent[0]).toMatchObject({ path: '/api/saws/04/refuels', body: { oilShare: 0.5 } });
    await view.user.click(screen.getByRole('button', { name: 'One tank more on saw 08' }));
    await waitFor(() => expect(view.sent).toHaveLength(2));
    expect(view.sent[1]?.body).not.toHaveProperty('oilShare');
  });

  it('refuses to issue what the server holds, in its words', async () => {
    const told = 'Saw 08 is held and must not go out: the brake does not stop the chain.';
    const view = crews();
    view.answers({ '/api/outings/issue': new Refused(409, told) });
    await view.user.type(await screen.findByLabelText('Saws that go out'), '08');
    await view.user.click(screen.getByRole('button', { name: /^Issue saw 08/ }));
    expect((await screen.findByRole('alert')).textContent).toContain(told);
    expect(screen.getByLabelText('Saws that go out')).toHaveProperty('value', '08');
  });
});
