// @vitest-environment jsdom
import { screen, waitFor } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { show } from '../testing/screen';
import { TagSearch } from './TagSearch';

const BOARD = { rails: [{ kind: 'RACK', plates: [{ tag: '06' }, { tag: '12' }, { tag: 'V6' }] }], work: [] };

async function search(typed: string) {
  const view = show(<TagSearch />, { at: '/stores', answers: { '/api/board': BOARD } });
  await waitFor(() => expect(document.querySelectorAll('#known-tags option')).toHaveLength(3));
  await view.user.type(screen.getByLabelText('Tag number'), `${typed}{Enter}`);
  return view;
}

describe('the search for a tag', () => {
  it.each([
    ['06', '/saws/06'],
    ['6', '/saws/06'],
    [' 12 ', '/saws/12'],
    ['v6', '/saws/V6'],
  ])('finds %s', async (typed, address) => {
    const view = await search(typed);
    expect(view.address()).toBe(address);
    expect(screen.getByLabelText('Tag number')).toHaveProperty('value', '');
  });

  it('finds a saw by an old label, and one that is retired', async () => {
    const view = show(<TagSearch />, {
      at: '/stores',
      answers: { '/api/board': BOARD, '/api/saws/7': { tag: '17' } },
    });
    await view.user.type(screen.getByLabelText('Tag number'), '7{Enter}');
    await waitFor(() => expect(view.address()).toBe('/saws/17'));
  });

  it('finds a part by its tag', async () => {
    const view = show(<TagSearch />, {
      at: '/stores',
      answers: {
        '/api/board': BOARD,
        '/api/parts': { chains: [{ tag: 'YC-10' }], bars: [{ tag: 'YB-04' }], sprockets: [] },
      },
    });
    await view.user.type(screen.getByLabelText('Tag number'), 'yb-04{Enter}');
    await waitFor(() => expect(view.address()).toBe('/parts/YB-04'));
  });

  it('tells what is not there and stays where it is', async () => {
    const view = await search('99');
    expect((await screen.findByRole('alert')).textContent).toContain('There is no saw or part 99');
    expect(view.address()).toBe('/stores');
    await view.user.type(screen.getByLabelText('Tag number'), '{Escape}');
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('goes nowhere for nothing', async () => {
    const view = await search(' ');
    expect(view.address()).toBe('/stores');
    expect(screen.queryByRole('alert')).toBeNull();
  });
});
