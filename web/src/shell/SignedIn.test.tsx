// @vitest-environment jsdom
import { screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { describe, expect, it } from 'vitest';
import { Refused, show, SIGNED_IN } from '../testing/screen';
import { useWrite } from '../api/queries';
import type { Schemas } from '../api/client';
import { SignedIn } from './SignedIn';
import { WhoIsHere } from './WhoIsHere';

const { me, ...REST } = SIGNED_IN;
const OUT: Schemas['SignInView'] = { ...REST, stage: 'SIGN_IN' };
const SHARED = { id: 'd', name: 'Bench tablet', shared: true, asksAgainAfterMs: 900_000 };
const BRAM = { id: 'b', name: 'Bram Otley' };

/** A screen with a field, and a write that the server refuses once the session has ended. */
function Screen() {
  const [typed, setTyped] = useState('');
  const write = useWrite('/api/crews', {});
  return (
    <>
      <WhoIsHere />
      <input aria-label="Note" value={typed} onChange={(e) => setTyped(e.target.value)} />
      <button onClick={() => write.mutate({ id: 'w', name: typed })}>Save</button>
    </>
  );
}

const asked = (
  <SignedIn>
    <Screen />
  </SignedIn>
);

describe('the sign-in', () => {
  it('lies over the screen when a session ends, and what was typed is there for who comes next', async () => {
    const page = show(asked, {
      answers: {
        '/api/sign-in': { ...OUT, device: SHARED, pins: [BRAM] },
        '/api/crews': new Refused(401, 'Sign in to go on. Nothing was saved.'),
        '/api/sign-in/pin': {
          ...SIGNED_IN,
          device: SHARED,
          me: { ...me, ...BRAM },
        },
      },
    });
    await page.user.type(screen.getByLabelText('Note'), 'Smells of fuel');
    await page.user.click(screen.getByText('Save'));
    await page.user.click(await screen.findByRole('button', { name: 'Bram Otley' }));
    page.answers({ '/api/sign-in': { ...SIGNED_IN, device: SHARED, me: { ...me, ...BRAM } } });
    await page.user.keyboard('2580{Enter}');
    await screen.findByText('Change over');
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
    expect(screen.getByLabelText('Note')).toHaveProperty('value', 'Smells of fuel');
    expect(screen.getByLabelText('Signed in: Bram Otley')).toBeTruthy();
    expect(page.sent.find((one) => one.path === '/api/sign-in/pin')?.body).toEqual({
      personId: BRAM.id,
      pin: '2580',
    });
  });

  it('asks for a password of one’s own before anything else', async () => {
    show(asked, { state: { ...SIGNED_IN, me: { ...SIGNED_IN.me, oneTime: true } as Schemas['Me'] } });
    await screen.findByRole('heading', { name: 'Choose a password of your own' });
    expect(screen.queryByLabelText('Note')).toBeNull();
  });

  it('shows a wrong PIN, and is empty for the next try', async () => {
    const page = show(asked, {
      answers: {
        '/api/sign-in': { ...OUT, device: SHARED, pins: [BRAM] },
        '/api/crews': new Refused(401, 'Sign in to go on.'),
        '/api/sign-in/pin': new Refused(401, 'This is not the PIN.'),
      },
    });
    await page.user.click(screen.getByText('Save'));
    await page.user.click(await screen.findByRole('button', { name: 'Bram Otley' }));
    await page.user.keyboard('73');
    expect(screen.getByRole('button', { name: 'Sign in' })).toHaveProperty('disabled', true);
    await page.user.keyboard('01{Enter}');
    await screen.findByText('This is not the PIN.');
    expect(screen.getByLabelText('0 digits')).toBeTruthy();
  });
});
