import { describe, expect, it } from 'vitest';
import type { Command } from './commands';
import { COMMANDS, printed } from './commands';

describe('the keys', () => {
  it.each(Object.entries(COMMANDS))('%s: no key does two things at one place', (_, place) => {
    const keys = Object.values<Command>(place.keys).map((command) => command.key);
    expect(new Set(keys).size).toBe(keys.length);
  });

  it('are printed as they stand on a keyboard', () => {
    expect(['v', '/', ' ', 'Enter', '1 2 3', 'Ctrl Enter'].map(printed)).toEqual([
      'V',
      '/',
      'Space',
      'Enter',
      '1 2 3',
      'Ctrl Enter',
    ]);
  });
});
