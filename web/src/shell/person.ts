import type { Schemas } from '../api/client';
import type { paths } from '../api/schema';
import { useSignIn } from '../api/queries';

export type Verb = 'GET' | 'POST' | 'PUT';

/** Who is signed in; nobody only while the sign-in is shown. */
export function usePerson(): Schemas['Me'] | undefined {
  return useSignIn().data?.me;
}

/** Whether who is signed in may write to an address, or read there: the server says which are not for the role. */
export function useMay(path: keyof paths, verb: Verb = 'POST'): boolean {
  const me = usePerson();
  // While the sign-in lies over a screen the screen stays as it is.
  return me === undefined || !me.refused.includes(`${verb} ${path}`);
}
