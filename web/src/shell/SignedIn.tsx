import { useQueryClient } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { useEffect, useState } from 'react';
import { onSignedOut } from '../api/client';
import { SIGN_IN, useSignIn } from '../api/queries';
import { Loading } from '../parts/Loading';
import { ProblemNote } from '../parts/ProblemNote';
import { fetched } from './fetched';
import { useAskAgain } from './signOut';

const SignInScreen = fetched(() => import('../screens/signin/SignInScreen'));
const SetUpScreen = fetched(() => import('../screens/signin/SetUpScreen'));
const SignInOver = fetched(() => import('./SignInOver'));
const OwnPassword = fetched(() => import('../screens/signin/OwnPassword'));

/**
 * Shows the screens to whoever is signed in. When a session ends the sign-in lies over the screen that is shown, and what was typed
 * there is there afterwards, for the same person or for the next at a shared device.
 */
export function SignedIn({ children }: { children: ReactNode }) {
  const client = useQueryClient();
  const { data: state, error } = useSignIn();
  const [begun, setBegun] = useState(false);
  useEffect(() => onSignedOut(() => void client.invalidateQueries({ queryKey: SIGN_IN })), [client]);
  useAskAgain(state);
  if (!state) return error ? <ProblemNote sentences={[error.message]} /> : <Loading />;
  if (state.stage === 'SET_UP' || state.stage === 'SET_UP_ELSEWHERE') return <SetUpScreen />;
  const inside = state.me !== undefined && !state.me.oneTime;
  if (inside && !begun) setBegun(true);
  const asked = state.me ? <OwnPassword /> : <SignInScreen />;
  if (!begun && !inside) return asked;
  return (
    <>
      {children}
      {!inside && <SignInOver>{asked}</SignInOver>}
    </>
  );
}
