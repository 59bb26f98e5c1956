import type { ReactNode } from 'react';
import type { paths } from '../api/schema';
import type { Verb } from '../shell/person';
import { useMay, usePerson } from '../shell/person';
import { Quiet } from './Quiet';

/** What is done here, for whom it is; whoever it is not for is told so in its place. */
export function ForWhoMay({
  write,
  verb = 'POST',
  silent = false,
  children,
}: {
  /** The address that it writes to, or reads: the server says for whom that is. */
  write: keyof paths;
  verb?: Verb;
  /** Where there is enough to read without it nothing is said. */
  silent?: boolean;
  children: ReactNode;
}) {
  const may = useMay(write, verb);
  const me = usePerson();
  if (may) return children;
  if (silent) return null;
  return <Quiet>{me?.role === 'READER' ? 'Readers change nothing.' : 'An officer does this.'}</Quiet>;
}
