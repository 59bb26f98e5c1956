// @vitest-environment jsdom
import { screen, waitFor } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../api/client';
import { show } from '../../testing/screen';
import { MeasureCutter } from './MeasureCutter';
import type { ViceActions } from './Vice';

interface Asked {
  place: number;
  length: string | undefined;
  answer: (stored: boolean) => void;
}

function vice() {
  const asked: Asked[] = [];
  const places = [0, 1, 2, 3].map((place) => ({
    place,
    side: place % 2 === 0 ? 'LEFT' : 'RIGHT',
    leftOut: false,
  })) as Schemas['CutterPlace'][];
  const actions = {
    measure: (place: number, length: string | undefined) =>
      new Promise<boolean>((answer) => asked.push({ place, length, answer })),
  } as unknown as ViceActions;
  const view = show(
    <MeasureCutter
      open={{ id: 'v', places } as Schemas['OpenSharpening']}
      place={0}
      after={false}
      actions={actions}
      onDone={() => undefined}
      onChoose={() => undefined}
    />,
  );
  return { ...view, lengths: asked };
}

const field = () => screen.getByLabelText<HTMLInputElement>('Cutter 1, left, mm');

describe('a length at the vice', () => {
  it('stands in the field again when it is refused', async () => {
    const { lengths: asked, user } = vice();
    await user.type(field(), '31{Enter}');
    asked[0]?.answer(false);
    await waitFor(() => expect(field().value).toBe('31'));
  });

  it('that is refused does not take the place of what was typed since', async () => {
    const { lengths: asked, user } = vice();
    await user.type(field(), '31{Enter}');
    await user.type(field(), '7.3');
    asked[0]?.answer(false);
    await Promise.resolve();
    expect(field().value).toBe('7.3');
  });

  it('typed ahead waits its turn and belongs to the next cutter', async () => {
    const { lengths: asked, user } = vice();
    await user.type(field(), '7.30{Enter}');
    await user.type(field(), '7.20{Enter}');
    expect(asked).toHaveLength(1);
    asked[0]?.answer(true);
    await waitFor(() => expect(asked).toHaveLength(2));
    expect(asked.map((a) => [a.place, a.length])).toEqual([
      [0, '7.30'],
      [1, '7.20'],
    ]);
    asked[1]?.answer(true);
    await waitFor(() => expect(field().value).toBe(''));
  });

  it('typed ahead of a refused one is not stored in its place', async () => {
    const { lengths: asked, user } = vice();
    await user.type(field(), '31{Enter}');
    await user.type(field(), '7.20{Enter}');
    asked[0]?.answer(false);
    await waitFor(() => expect(field().value).toBe('31'));
    expect(asked).toHaveLength(1);
    // Put right, it goes on.
    await user.clear(field());
    await user.type(field(), '7.31{Enter}');
    await waitFor(() => expect(asked.at(-1)).toMatchObject({ place: 0, length: '7.31' }));
  });
});
