import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { ReactNode } from 'react';
import type { Schemas } from '../../api/client';
import { ForWhoMay } from '../../parts/ForWhoMay';
import { ProblemNote } from '../../parts/ProblemNote';
import { useSigned } from '../../shell/signed';
import { orderWords } from '../../words/stores';

interface Props {
  /** Where it is called off. */
  off: '/api/stores/orders/{orderId}/called-off' | '/api/stores/part-orders/{orderId}/called-off';
  order: Schemas['OrderView'];
  unit: Schemas['StockUnit'];
  /** What is ordered. */
  of: string;
  children?: ReactNode;
}

/** An order that is awaited, and the way to call it off. */
export function AwaitedOrder({ off, order, unit, of, children }: Props) {
  const write = useSigned(off, { path: { orderId: order.id } });
  return (
    <Box sx={{ color: 'text.primary' }}>
      {orderWords(order, unit)}, {order.by}.{' '}
      <ForWhoMay write={off} silent>
        {children}
        <Button
          variant="text"
          size="small"
          disabled={!write.ready}
          aria-label={`Call off the order of ${of}`}
          sx={{ p: 0, minWidth: 0, minHeight: 28 }}
          onClick={() => write.send({})}
        >
          Call off
        </Button>
      </ForWhoMay>
      {write.error && <ProblemNote sentences={[write.error.message]} />}
    </Box>
  );
}
