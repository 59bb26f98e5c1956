import { describe, expect, it } from 'vitest';
import { emptyPast, linesInput, pastInput, tells } from './past';

describe('a past while it is typed', () => {
  const typed = {
    lines: {
      PLUG: { day: '5 w', since: '21', figures: {} },
      STARTER: { day: ' ', since: '', figures: {} },
      SHARPEN: { day: '', since: '', figures: { FILED_SHORTEST: '7.4' } },
    },
    held: ' Screams at idle ',
    heldUntil: '' as const,
  };

  it('sends the lines that say something, also one whose day was forgotten', () => {
    expect(linesInput(typed).map((line) => line.step)).toEqual(['PLUG', 'SHARPEN']);
    expect(pastInput(typed)).toMatchObject({ held: 'Screams at idle' });
    expect(pastInput(typed)).not.toHaveProperty('heldUntil');
    expect(pastInput({ ...typed, heldUntil: 'CONTROLS' })).toMatchObject({ heldUntil: 'CONTROLS' });
  });

  it('tells nothing while nothing is typed', () => {
    expect(tells(emptyPast())).toBe(false);
    expect(tells({ ...emptyPast(), held: 'Leaks' })).toBe(true);
    expect(pastInput(emptyPast())).toEqual({ lines: [] });
  });
});
