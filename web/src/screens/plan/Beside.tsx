import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Schemas } from '../../api/client';
import { usePacks } from '../../api/packs';
import { ForWhoMay } from '../../parts/ForWhoMay';
import { FEW, useSome } from '../../parts/more';
import { Panel } from '../../parts/Panel';
import { PlateLine } from '../../parts/PlateLine';
import { minutes } from '../../words/format';
import { untilWords } from '../../words/plan';
import { eveningOf, planDay } from '../../words/planned';

interface Props {
  page: Schemas['PlanPage'];
  onWish: (wish: Schemas['WishInput']) => void;
}

/** What stands beside the days: what goes into the oil in the evening, what cannot be where it was put, what is left. */
export function Beside({ page, onWish }: Props) {
  const { some: left, more } = useSome(page.left, FEW);
  const { data: packs = [] } = usePacks();
  const spares = packs.flatMap((pack) => pack.soaks.map((loop) => ({ pack, loop })));
  return (
    <>
      {page.evenings.length + spares.length > 0 && (
        <Panel title="Into the oil">
          {page.evenings.map((one) => (
            <Box key={`${one.tag} ${one.evening}`} sx={{ mb: 0.5 }}>
              {eveningOf(one.evening)}: {one.what}, for saw {one.tag} {planDay(one.fittedOn)}.
            </Box>
          ))}
          {spares.map(({ pack, loop }) => (
            <Box key={`${pack.booking} ${loop.name}`} sx={{ mb: 0.5 }}>
              {eveningOf(pack.evening)}: {loop.name}, a spare for saw {loop.saws.join(', ')}, {pack.crew}{' '}
              {planDay(pack.leaves)}.
            </Box>
          ))}
        </Panel>
      )}
      {page.notKept.length > 0 && (
        <Panel title="Cannot be there">
          {page.notKept.map((one) => (
            <PlateLine key={`${one.tag} ${one.day}`} tag={one.tag}>
              not {planDay(one.day)}: {untilWords(one.why, page.today)}
              <Again tag={one.tag} onWish={onWish} />
            </PlateLine>
          ))}
        </Panel>
      )}
      {page.left.length > 0 && (
        <Panel title="Not in these days">
          {left.map((one) => (
            <PlateLine key={one.tag} tag={one.tag}>
              {minutes(one.minutes)}, {untilWords(one.why, page.today)}
              {one.why.cause === 'LEFT_OUT' && <Again tag={one.tag} onWish={onWish} />}
            </PlateLine>
          ))}
          {more}
        </Panel>
      )}
    </>
  );
}

function Again({ tag, onWish }: { tag: string; onWish: Props['onWish'] }) {
  return (
    <ForWhoMay write="/api/plan/changes" silent>
      <Button size="small" variant="text" onClick={() => onWish({ tag, kind: 'AS_PLANNED' })}>
        Take it in again
      </Button>
    </ForWhoMay>
  );
}
