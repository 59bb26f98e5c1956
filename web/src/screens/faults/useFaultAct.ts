import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { device, newId, Problem, send } from '../../api/client';
import { usePerson } from '../../shell/person';

/**
 * Writes something about a fault; what the server refuses is said, and nothing moves on. One act at a time, and none on what was
 * acted on already; but the next key counts from the moment in which the screen shows what came of the last.
 */
export function useFaultAct(fault: Schemas['FaultPage']) {
  const { person } = usePerson();
  const client = useQueryClient();
  const [problem, setProblem] = useState<Problem | undefined>();
  const [sending, setSending] = useState(false);
  const [actedOn, setActedOn] = useState<Schemas['FaultPage'] | undefined>();
  const pending = sending || actedOn === fault;
  const act = async (what: string, body: object = {}): Promise<boolean> => {
    if (!person || pending) return false;
    setSending(true);
    setActedOn(fault);
    const done = () => setActedOn((now) => (now === fault ? undefined : now));
    try {
      await send('POST', `/api/faults/${fault.id}/${what}`, {
        by: { id: newId(), personId: person.id, device: device() },
        ...body,
      });
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
