import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { device, newId, Problem, send } from '../../api/client';
import { usePerson } from '../../shell/person';

/** Writes something about a fault; what the server refuses is said, and nothing moves on. */
export function useFaultAct(faultId: string) {
  const { person } = usePerson();
  const client = useQueryClient();
  const [problem, setProblem] = useState<Problem | undefined>();
  const [pending, setPending] = useState(false);
  const act = async (what: string, body: object = {}): Promise<boolean> => {
    if (!person || pending) return false;
    setPending(true);
    try {
      await send('POST', `/api/faults/${faultId}/${what}`, {
        by: { id: newId(), personId: person.id, device: device() },
        ...body,
      });
      setProblem(undefined);
      await client.invalidateQueries();
      return true;
    } catch (e) {
      setProblem(e instanceof Problem ? e : new Problem(0, String(e), []));
      return false;
    } finally {
      setPending(false);
    }
  };
  return { act, problem, pending };
}
