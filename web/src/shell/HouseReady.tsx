import { Loading } from '../parts/Loading';
import { Fragment } from 'react';
import type { ReactNode } from 'react';
import { useHouse } from '../api/queries';
import { ProblemNote } from '../parts/ProblemNote';
import { writeAs } from '../words/house';

/**
 * Shows no figure before the fleet has said how it writes. Where it writes otherwise from now on, every word is said anew.
 */
export function HouseReady({ children }: { children: ReactNode }) {
  const { data, error } = useHouse();
  if (!data) {
    return error ? <ProblemNote sentences={[error.message]} /> : <Loading />;
  }
  writeAs(data);
  return <Fragment key={JSON.stringify(data)}>{children}</Fragment>;
}
