// @vitest-environment jsdom
import { act, screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import { useBoard } from '../../api/queries';
import { Refused, show } from '../../testing/screen';
import { Finder } from './Finder';
import { Happened } from './Happened';
import { Sort } from './Sort';

function check(code: string, more: Partial<Schemas['FinderCheck']> = {}): Schemas['FinderCheck'] {
  return {
    code,
    title: `Look at the ${code}?`,
    how: 'Wipe it and look.',
    stage: 'CLOSED',
    part: 'TANKS',
    minutes: 1,
    openingMinutes: 0,
    bits: 0.4,
    fullTank: false,
    answers: [
      { code: 'good', title: 'Good' },
      { code: 'bad', title: 'Bad' },
    ],
    ...more,
  };
}

function fault(more: Partial<Schemas['FaultPage']> = {}): Schemas['FaultPage'] {
  return {
    id: 'f1',
    tag: '12',
    at: '2026-05-01T16:00:00Z',
    by: 'Ida Marsh',
    complaint: { code: 'runs-dry', title: 'Chain runs dry', holds: false },
    origin: 'PERSON',
    outcome: 'ASKS',
    stage: 'FIND',
    state: 'DUE',
    power: 'PETROL',
    minutes: 0,
    next: check('tank'),
    others: [check('hose', { stage: 'TANKS_DRAINED', minutes: 7, openingMinutes: 5 })],
    more: [check('nose')],
    path: [],
    ranking: [{ code: 'low', title: 'Oil tank was empty', share: 0.6, seen: false, evidence: [] }],
    known: [],
    seenToo: [],
    nearest: [],
    near: 0,
    open: [],
    unproved: [],
    happened: [],
    watch: { state: 'NOT_STANDING', suspects: [] },
    ...more,
  };
}

describe('the finder', () => {
  it('takes an answer by its number and says how many it knows of', async () => {
    const finder = show(<Finder fault={fault({ path: [{ check: 'x', title: 'x', at: '', by: '' }] })} />);
    await finder.user.keyboard('2');
    await waitFor(() => expect(finder.sent).toHaveLength(1));
    expect(finder.sent[0]?.path).toBe('/api/faults/f1/answers');
    expect(finder.sent[0]?.body).toMatchObject({
      check: 'tank',
      answer: 'bad',
      expects: 1,
    });
  });

  it('sends no answer for "cannot tell"', async () => {
    const finder = show(<Finder fault={fault()} />);
    await finder.user.keyboard('0');
    await waitFor(() => expect(finder.sent).toHaveLength(1));
    expect(finder.sent[0]?.body).not.toHaveProperty('answer');
  });

  it('takes the last answer back by Backspace, and nothing where there is none', async () => {
    const finder = show(<Finder fault={fault()} />);
    await finder.user.keyboard('{Backspace}');
    expect(finder.sent).toHaveLength(0);
    finder.unmount();
    const again = show(<Finder fault={fault({ path: [{ check: 'x', title: 'x', at: '', by: '' }] })} />);
    await again.user.keyboard('{Backspace}');
    await waitFor(() => expect(again.sent[0]?.path).toBe('/api/faults/f1/back'));
  });

  it('says what is most likely while nobody has looked at it', () => {
    show(<Finder fault={fault({ outcome: 'LOOK' })} />);
    expect(screen.getByRole('region', { name: 'Most likely' }).textContent).toContain('Oil tank was empty');
    expect(screen.queryByRole('button', { name: /This is the cause/ })).toBeNull();
  });

  it('takes "the tank was not full" where an empty tank proves nothing', async () => {
    const finder = show(<Finder fault={fault({ next: check('card', { fullTank: true }) })} />);
    await finder.user.click(screen.getByRole('button', { name: 'The tank was not full' }));
    await waitFor(() =>
      expect(finder.sent[0]?.body).toMatchObject({ check: 'card', answer: 'tank-not-full' }),
    );
  });

  it('takes the next key as soon as it shows the next question, whatever else is still asked for', async () => {
    const first = fault();
    const second = fault({ path: [{ check: 'x', title: 'x', at: '', by: '' }], next: check('hose') });
    let goOn = () => {};
    const Questions = () => {
      const [shown, setShown] = useState(first);
      goOn = () => setShown(second);
      useBoard();
      return <Finder fault={shown} />;
    };
    const never = () => new Promise(() => {});
    const finder = show(<Questions />, { answers: { '/api/board': never } });
    await finder.user.keyboard('1');
    await waitFor(() => expect(finder.sent).toHaveLength(1));
    await finder.user.keyboard('2');
    expect(finder.sent, 'the same question is not answered twice').toHaveLength(1);
    act(goOn);
    await finder.user.keyboard('2');
    await waitFor(() =>
      expect(finder.sent[1]?.body).toMatchObject({ check: 'hose', answer: 'bad', expects: 1 }),
    );
  });

  it('shows what is known with its date, and asks for it again with one key', async () => {
    const known = [
      {
        check: 'tank',
        title: 'Look at the tank?',
        said: 'the tank was empty',
        at: '2026-05-01T15:00:00Z',
      },
    ];
    const happened = show(<Happened fault={fault({ known })} />);
    expect(screen.getByText('The tank was empty')).toBeTruthy();
    await happened.user.click(screen.getByRole('button', { name: 'Doubt it: Look at the tank?' }));
    await waitFor(() =>
      expect(happened.sent[0]).toMatchObject({ path: '/api/faults/f1/doubt', body: { check: 'tank' } }),
    );
  });

  it('sorts a complaint that was told in words, the nearest first', async () => {
    const nearest = ['thrown', 'pops', 'binds', 'dust', 'grabs'].map((code) => ({
      code,
      title: `Chain ${code}`,
      holds: code === 'thrown',
    }));
    const sort = show(<Sort fault={fault({ stage: 'SORT', nearest, near: 2 })} />);
    expect(screen.queryByRole('button', { name: 'Chain grabs' })).toBeNull();
    await sort.user.click(screen.getByRole('button', { name: 'Show all 5' }));
    expect(screen.getByRole('button', { name: 'Chain grabs' })).toBeTruthy();
    await sort.user.click(screen.getByRole('button', { name: 'Chain thrown (holds the saw)' }));
    await waitFor(() =>
      expect(sort.sent[0]).toMatchObject({ path: '/api/faults/f1/sort', body: { complaint: 'thrown' } }),
    );
  });

  it('makes bench work of a clear cause with Enter, and of nothing else', async () => {
    const asks = show(<Finder fault={fault()} />);
    await asks.user.keyboard('{Enter}');
    expect(asks.sent).toHaveLength(0);
    asks.unmount();
    const clear = show(<Finder fault={fault({ outcome: 'CLEAR' })} />);
    await clear.user.keyboard('{Enter}');
    await waitFor(() =>
      expect(clear.sent[0]).toMatchObject({ path: '/api/faults/f1/cause', body: { cause: 'low' } }),
    );
  });

  it('answers another check once it is chosen', async () => {
    const finder = show(<Finder fault={fault()} />);
    await finder.user.click(screen.getByRole('button', { name: /^Look at the hose/ }));
    expect(screen.getByText(/7 min, 5 of them to open and close/)).toBeTruthy();
    await finder.user.keyboard('1');
    await waitFor(() => expect(finder.sent[0]?.body).toMatchObject({ check: 'hose', answer: 'good' }));
    await finder.user.selectOptions(screen.getByLabelText('Something else was seen'), 'Look at the nose?');
    await finder.user.click(screen.getByRole('button', { name: /^Bad/ }));
    await waitFor(() => expect(finder.sent[1]?.body).toMatchObject({ check: 'nose', answer: 'bad' }));
  });

  it('shows the caution of the stage and of the check before the answers', () => {
    show(
      <Finder fault={fault({ next: check('cover', { stage: 'COVER_OFF', caution: 'Mind the clip.' }) })} />,
    );
    const caution = screen.getByRole('note').textContent;
    expect(caution).toContain('plug lead off');
    expect(caution).toContain('Mind the clip.');
  });

  it('says which answers do not go together, and offers the mechanic when nothing is left', async () => {
    const ended = fault({
      outcome: 'UNCLEAR',
      others: [],
      more: [],
      clash: { said: 'oil came', with: 'no oil came', check: 'card', title: 'Card test' },
    });
    delete ended.next;
    const finder = show(<Finder fault={ended} />);
    expect(screen.getByRole('alert').textContent).toContain('oil came; no oil came');
    await finder.user.click(screen.getByRole('button', { name: 'Answer again: Card test' }));
    await waitFor(() => expect(finder.sent[0]?.body).toMatchObject({ check: 'card' }));
    expect(screen.getByRole('region', { name: 'Unclear' }).textContent).toContain('qualified mechanic');
    await finder.user.click(screen.getByRole('button', { name: 'Hand it to a mechanic' }));
    // Figures in a note are no answers.
    await finder.user.type(screen.getByLabelText('Where it goes, and what is known'), 'Shop 2, bay 1');
    expect(finder.sent).toHaveLength(1);
    await finder.user.click(screen.getByRole('button', { name: 'Hand it to a mechanic' }));
    await waitFor(() => expect(finder.sent[1]?.body).toMatchObject({ note: 'Shop 2, bay 1' }));
  });

  it('keeps where it was when somebody else has answered meanwhile', async () => {
    const told = 'Somebody else has just answered. Look again before you go on.';
    const finder = show(<Finder fault={fault()} />, {
      answers: { '/api/faults/f1/answers': new Refused(409, told) },
    });
    await finder.user.keyboard('1');
    expect((await screen.findByRole('alert')).textContent).toContain(told);
    expect(screen.getByRole('heading', { name: 'Look at the tank?' })).toBeTruthy();
  });
});
