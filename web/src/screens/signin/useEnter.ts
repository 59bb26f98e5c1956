import { useQueryClient } from '@tanstack/react-query';
import type { Schemas } from '../../api/client';
import { signedIn } from '../../api/client';
import { SIGN_IN } from '../../api/queries';

/** Shows what an answer of the sign-in makes of the screens: at once, and with all that was refused before asked for again. */
export function useEnter() {
  const client = useQueryClient();
  return (state: Schemas['SignInView']) => {
    client.setQueryData(SIGN_IN, signedIn(state));
    void client.invalidateQueries();
  };
}
