// @vitest-environment jsdom
import { screen, waitFor } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import { Refused, show } from '../../testing/screen';
import { CorrectOuting } from './CorrectOuting';

const ENTRY: Schemas['OutingEntry'] = {
  id: 'o1',
  version: 1,
  tag: '06',
  power: 'PETROL',
  crewId: 'c1',
  outAt: '2026-05-01T07:15:23Z',
  backAt: '2026-05-01T15:40:41Z',
  use: {
    tanks: 25,
    oilShare: 2,
    works: ['FELLING'],
    woods: ['HARD'],
    rain: true,
    groundStruck: false,
    dustSeen: false,
    chainSlack: false,
    complaint: 'Starts badly',
  },
  complaints: ['Chain runs dry'],
  struck: false,
};

const EFFECT: Schemas['Effect'] = {
  officer: false,
  saws: [{ power: 'PETROL', tag: '06', before: 'DUE', after: 'FIT', gained: [], lost: [] }],
};

async function opened(answers: Record<string, unknown> = {}) {
  const view = show(<CorrectOuting outingId="o1" />, {
    at: '/log',
    answers: {
      '/api/crews': [
        { id: 'c1', name: 'Tunnel gang' },
        { id: 'c2', name: 'Cutting gang' },
      ],
      '/api/outings/o1': ENTRY,
      '/api/outings/o1/strike': EFFECT,
      '/api/outings/o1/correction/preview': EFFECT,
      ...answers,
    },
  });
  await view.user.click(screen.getByRole('button', { name: 'Put right' }));
  await screen.findByLabelText('It came back');
  return view;
}

const writes = (view: { sent: { path: string; body: Record<string, unknown> }[] }) =>
  view.sent.filter((sent) => !sent.path.endsWith('preview'));

describe('putting an outing right', () => {
  it('keeps what is not changed, to the second, and says what it does before it is done', async () => {
    const view = await opened();
    expect(await screen.findByText('Saw 06 is due and will be fit.')).toBeTruthy();
    const tanks = screen.getByLabelText('Tanks');
    await view.user.clear(tanks);
    await view.user.type(tanks, '2,5');
    await view.user.selectOptions(screen.getByLabelText('Crew'), 'Cutting gang');
    await view.user.type(screen.getByLabelText('Why it was wrong'), 'A slip');
    await view.user.click(screen.getByRole('button', { name: 'Put it right' }));
    await waitFor(() => expect(writes(view)).toHaveLength(1));
    expect(writes(view)[0]).toMatchObject({
      path: '/api/outings/o1/correction',
      body: {
        version: 1,
        reason: 'A slip',
        outing: {
          tag: '06',
          crewId: 'c2',
          outAt: '2026-05-01T07:15:23Z',
          back: {
            at: '2026-05-01T15:40:41Z',
            use: { tanks: 2.5, oilShare: 2, works: ['FELLING'], woods: ['HARD'], rain: true },
          },
        },
      },
    });
    await waitFor(() => expect(screen.queryByLabelText('Tanks')).toBeNull());
  });

  it('asks about what is unlikely, and takes it once it is said to be right', async () => {
    const view = await opened({
      '/api/outings/o1/correction': new Refused(422, 'Unlikely', [
        {
          field: 'outing.back.use.sure',
          code: 'outing.unlikely',
          sentence: '25 in 505 minutes is more than a crew uses.',
        },
      ]),
    });
    await view.user.type(await screen.findByLabelText('Why it was wrong'), 'Really so');
    await view.user.click(screen.getByRole('button', { name: 'Put it right' }));
    expect(await screen.findByText('25 in 505 minutes is more than a crew uses.')).toBeTruthy();
    view.answers({ '/api/outings/o1/correction': undefined });
    await view.user.click(screen.getByLabelText('25 is right'));
    await view.user.click(screen.getByRole('button', { name: 'Put it right' }));
    await waitFor(() => expect(writes(view)).toHaveLength(2));
    expect(writes(view)[1]?.body).toMatchObject({ outing: { back: { use: { sure: true } } } });
  });

  it('strikes out what never was', async () => {
    const view = await opened();
    await view.user.click(screen.getByLabelText('It never went out'));
    await view.user.type(screen.getByLabelText('Why it is struck out'), 'Issued by mistake');
    await view.user.click(screen.getByRole('button', { name: 'Strike it out' }));
    await waitFor(() => expect(writes(view)).toHaveLength(1));
    expect(writes(view)[0]).toMatchObject({
      path: '/api/outings/o1/strike',
      body: { version: 1, reason: 'Issued by mistake' },
    });
  });

  it('is out again when it was taken back by mistake, and says that its complaint stays', async () => {
    const view = await opened();
    expect(screen.getByText(/“Chain runs dry” stays under Faults of saw 06/)).toBeTruthy();
    await view.user.click(screen.getByLabelText('It is still out'));
    expect(screen.queryByLabelText('Tanks')).toBeNull();
    await view.user.type(screen.getByLabelText('Why it was wrong'), 'Saw 05 came back');
    await view.user.click(screen.getByRole('button', { name: 'Put it right' }));
    await waitFor(() => expect(writes(view)).toHaveLength(1));
    expect(writes(view)[0]?.body.outing).toEqual({ tag: '06', crewId: 'c1', outAt: ENTRY.outAt });
  });
});
