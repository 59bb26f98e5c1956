// @vitest-environment jsdom
import { screen, waitFor } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import { IDA, Refused, show } from '../../testing/screen';
import LogScreen from './LogScreen';

function back(tag: string, power: Schemas['Power'], tanks: number): Schemas['LogEntry'] {
  return {
    id: `${tag} ${tanks}`,
    at: '2026-05-01T16:00:00Z',
    kind: 'BACK',
    tag,
    by: 'Ida Marsh',
    back: {
      use: {
        tanks,
        works: [],
        woods: [],
        rain: false,
        groundStruck: false,
        dustSeen: false,
        chainSlack: false,
      },
      power,
    },
  };
}

const page = (...entries: Schemas['LogEntry'][]): Schemas['LogPage'] => ({ entries, notUnderstood: 0 });

describe('the log', () => {
  it('keeps every filter that is set, however quickly one follows the other', async () => {
    const log = show(<LogScreen />, { at: '/log', answers: { '/api/log': page(), '/api/people': [IDA] } });
    await log.user.type(screen.getByLabelText('Saw'), '13');
    await log.user.selectOptions(screen.getByLabelText('What'), 'Bench work');
    await screen.findByRole('option', { name: IDA.name });
    await log.user.selectOptions(screen.getByLabelText('By'), IDA.name);
    expect(log.address()).toBe(`/log?saw=13&kinds=STEP&person=${IDA.id}`);
    expect(screen.getByLabelText('Saw')).toHaveProperty('value', '13');
    await waitFor(() => expect(log.asked.at(-1)).toBe(`/api/log?saw=13&kinds=STEP&person=${IDA.id}`));
  });

  it('takes out as a sheet what it shows', async () => {
    show(<LogScreen />, {
      at: '/log?saw=13&kinds=STRUCK',
      answers: { '/api/log': page(back('13', 'PETROL', 2)), '/api/people': [IDA] },
    });
    const sheet = await screen.findByRole('link', { name: 'All that fits, as a CSV file' });
    expect(sheet.getAttribute('href')).toBe('/api/log.csv?saw=13&struck=true');
    expect(sheet.hasAttribute('download')).toBe(true);
  });

  it('counts the last day to its end', async () => {
    const log = show(<LogScreen />, {
      at: '/log?from=2026-05-01&to=2026-05-02',
      answers: { '/api/log': page() },
    });
    await waitFor(() => expect(log.asked.some((path) => path.startsWith('/api/log'))).toBe(true));
    const asked = new URLSearchParams(log.asked.at(-1)?.split('?')[1]);
    const hours = (Date.parse(asked.get('before') ?? '') - Date.parse(asked.get('from') ?? '')) / 3_600_000;
    expect(hours).toBe(48);
  });

  it('says charges and run hours where they are none of tanks', async () => {
    show(<LogScreen />, {
      at: '/log',
      answers: {
        '/api/log': page(back('04', 'PETROL', 2), back('14', 'BATTERY', 1), back('09', 'CORDED', 3)),
      },
    });
    expect(await screen.findByText('2 tanks', { exact: false })).toBeTruthy();
    expect(screen.getByText('1 charge', { exact: false })).toBeTruthy();
    expect(screen.getByText('3 run hours', { exact: false })).toBeTruthy();
  });

  it('tells an empty book from a filter that nothing fits', async () => {
    const empty = show(<LogScreen />, { at: '/log', answers: { '/api/log': page() } });
    expect(await screen.findByText('Nothing is recorded yet.')).toBeTruthy();
    empty.unmount();
    show(<LogScreen />, { at: '/log?saw=06', answers: { '/api/log': page() } });
    expect(await screen.findByText('No record fits this.')).toBeTruthy();
  });

  it('goes on where the page before ended', async () => {
    const log = show(<LogScreen />, {
      at: '/log?saw=04',
      answers: {
        '/api/log': (path: string) =>
          path.includes('before=')
            ? page(back('04', 'PETROL', 7))
            : { ...page(back('04', 'PETROL', 2)), next: '2026-05-01T16:00:00Z' },
      },
    });
    await log.user.click(await screen.findByRole('button', { name: 'Show earlier records' }));
    expect(await screen.findByText('7 tanks', { exact: false })).toBeTruthy();
    expect(screen.getByText('2 tanks', { exact: false })).toBeTruthy();
    expect(log.asked.at(-1)).toBe('/api/log?saw=04&before=2026-05-01T16%3A00%3A00Z');
    expect(screen.queryByRole('button', { name: 'Show earlier records' })).toBeNull();
  });

  it('says what the server refused', async () => {
    show(<LogScreen />, {
      at: '/log?saw=99',
      answers: { '/api/log': new Refused(404, 'There is no saw 99.') },
    });
    expect((await screen.findByRole('alert')).textContent).toContain('There is no saw 99.');
  });
});
