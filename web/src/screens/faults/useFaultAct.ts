import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { Body, Params, Schemas, Written } from '../../api/client';
import { newId, send } from '../../api/client';
import { Problem } from '../../api/problem';

/** What is done about one fault: its address, and what is said of it. */
type Act = Extract<Written<'post'>, `/api/faults/{id}/${string}`>;

/**
 * Writes something about a fault; what the server refuses is said, and nothing moves on. One act at a time, and none on what was
 * acted on already; but the next key counts from the moment in which the screen shows what came of the last.
 */
export function useFaultAct(fault: Schemas['FaultPage']) {
  const client = useQueryClient();
  const [problem, setProblem] = useState<Problem | undefined>();
  const [sending, setSending] = useState(false);
  const [actedOn, setActedOn] = useState<Schemas['FaultPage'] | undefined>();
  const pending = sending || actedOn === fault;
  const act = async <P extends Act>(path: P, body: Omit<Body<P, 'post'>, 'id'>): Promise<boolean> => {
    if (pending) return false;
    setSending(true);
    setActedOn(fault);
    const done = () => setActedOn((now) => (now === fault ? undefined : now));
    try {
      const params = { path: { id: fault.id } } as unknown as Params<P, 'post'>;
      await send<P>(path, params, { ...body, id: newId() } as Body<P, 'post'>);
      setProblem(undefined);
      void client.invalidateQueries().finally(done);
      return true;
    } catch (e) {
      setProblem(e instanceof Problem ? e : new Problem(0, String(e), []));
      done();
      return false;
    } finally {
      setSending(false);
    }
  };
  return { act, problem, pending };
}

export type FaultAct = ReturnType<typeof useFaultAct>['act'];
