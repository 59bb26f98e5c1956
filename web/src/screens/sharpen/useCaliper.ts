import { useEffect, useRef } from 'react';
import { send } from '../../api/client';

/** One message of a caliper, whatever its make. */
interface CaliperMessage {
  device: string;
  seq: number;
  value: number;
  unit: string;
}

/**
 * Listens to calipers while it is on, says when it does, and passes on each reading in the order in which it came: the next one
 * waits until the one before is stored, or refused.
 */
export function useCaliper(on: boolean, ready: () => void, take: (length: string) => Promise<void>): void {
  const latest = useRef({ ready, take });
  useEffect(() => {
    latest.current = { ready, take };
  });
  useEffect(() => {
    if (!on) return;
    const stream = new EventSource('/api/caliper/stream');
    let queue = Promise.resolve();
    stream.addEventListener('ready', () => latest.current.ready());
    stream.addEventListener('reading', (event: MessageEvent<string>) => {
      const message = JSON.parse(event.data) as CaliperMessage;
      queue = queue.then(() => latest.current.take(`${message.value} ${message.unit}`));
    });
    return () => stream.close();
  }, [on]);
}

/** Starts the stand-in on this loop, from this cutter on. */
export const startStandIn = (sharpeningId: string, from: number, after: boolean) =>
  send('/api/caliper/start', {}, { sharpeningId, from, after });

export const stopStandIn = () => send('/api/caliper/stop', {}, {} as never);
