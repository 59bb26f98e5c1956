import type { MutateOptions } from '@tanstack/react-query';
import type { Answer, Body, Params, Written } from '../api/client';
import { newId } from '../api/client';
import type { Problem } from '../api/problem';
import { useWrite } from '../api/queries';

/** A body without what every write has: an id of its own. */
export type Said<P, M> = Omit<Body<P, M>, 'id'> & { id?: string };

/** A write of who is signed in, one at a time. Each try has an id of its own; what was not answered keeps its first. */
export function useSigned<P extends Written<M>, M extends 'post' | 'put' = 'post'>(
  path: P,
  params: Params<P, M>,
  method?: M,
) {
  const { mutate, isPending, error, data, reset } = useWrite<P, M>(path, params, method);
  const ready = !isPending;
  const send = (said: Said<P, M>, then: MutateOptions<Answer<P, M>, Problem, Body<P, M>> = {}) => {
    if (!ready) return;
    mutate({ id: newId(), ...said } as unknown as Body<P, M>, then);
  };
  return { send, ready, error, data, reset };
}
