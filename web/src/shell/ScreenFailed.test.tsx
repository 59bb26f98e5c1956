// @vitest-environment jsdom
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Link, Route, Routes } from 'react-router';
import { afterEach, expect, it, vi } from 'vitest';
import { show } from '../testing/screen';
import { words } from '../words/en';
import { OtherScreensStay } from './ScreenFailed';

let broken = true;

function Fragile() {
  if (broken) throw new Error('no such function');
  return <p>whole</p>;
}

function twoScreens() {
  vi.spyOn(console, 'error').mockImplementation(() => undefined);
  show(
    <>
      <Link to="/sound">away</Link>
      <OtherScreensStay>
        <Routes>
          <Route path="/fragile" element={<Fragile />} />
          <Route path="/sound" element={<p>sound</p>} />
        </Routes>
      </OtherScreensStay>
    </>,
    { at: '/fragile' },
  );
}

afterEach(() => {
  broken = true;
  vi.restoreAllMocks();
});

it('a screen that fails says what happens and can be opened again', async () => {
  twoScreens();
  for (const sentence of words.screenFailed) expect(screen.getByText(sentence)).toBeTruthy();
  broken = false;
  await userEvent.click(screen.getByText(words.openAgain));
  expect(screen.getByText('whole')).toBeTruthy();
});

it('another screen opens all the same', async () => {
  twoScreens();
  await userEvent.click(screen.getByText('away'));
  expect(screen.getByText('sound')).toBeTruthy();
});
