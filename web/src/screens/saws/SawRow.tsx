import { PartTags } from '../../parts/PartTag';
import { TableRow } from '../../parts/TableRow';
import Box from '@mui/material/Box';
import type { Schemas } from '../../api/client';
import { TagPlate } from '../../parts/Plate';
import { StateMark } from '../../parts/StateMark';
import { TallyStrip } from '../../parts/TallyStrip';
import { words } from '../../words/en';
import { barLength, percent } from '../../words/format';
import { workTitle } from '../../words/work';
import { setOf, tagsOf, whereIs } from './columns';

const WIDE = { display: { xs: 'none', md: 'table-cell' } };

/** A saw in a line. */
export function SawRow({ saw }: { saw: Schemas['ListedSaw'] }) {
  return (
    <TableRow>
      <th scope="row">
        <TagPlate tag={saw.tag} />
      </th>
      <td>
        <Box sx={{ fontWeight: 600, minWidth: 92, overflowWrap: 'anywhere' }}>
          {saw.make} {saw.model}
        </Box>
        <Box sx={{ color: 'text.secondary', fontSize: 13.5 }}>
          {words.power[saw.power]}, {words.handle[saw.handle].toLowerCase()}
        </Box>
      </td>
      <Box component="td" sx={WIDE}>
        {saw.barLengthMm === undefined ? 'none' : barLength(saw.barLengthMm)}
        <Box sx={{ color: 'text.secondary', fontSize: 13.5 }}>{saw.pitch ? words.pitch[saw.pitch] : ''}</Box>
      </Box>
      <Box component="td" sx={WIDE}>
        <PartTags tags={tagsOf(saw)} />
        {tagsOf(saw).length === 0 && setOf(saw)}
      </Box>
      <Box component="td" sx={WIDE}>
        {whereIs(saw)}
      </Box>
      <td>
        <StateMark state={saw.state}>{words.state[saw.state]}</StateMark>
        {saw.headline && saw.state !== 'FIT' && (
          <Box sx={{ color: 'text.secondary', fontSize: 13.5, pl: 2.75 }}>
            {workTitle(saw.headline, saw.power)}
          </Box>
        )}
      </td>
      <Box component="td" sx={WIDE}>
        {saw.cutterLeftPercent === undefined ? (
          <Box sx={{ color: 'text.secondary', fontSize: 13.5 }}>not measured</Box>
        ) : (
          <Left left={saw.cutterLeftPercent} />
        )}
      </Box>
    </TableRow>
  );
}

/** What is used of the cutters as strokes, ten for all. */
function Left({ left }: { left: number }) {
  const said = `${percent(Math.round(left))} left`;
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, whiteSpace: 'nowrap' }}>
      <TallyStrip used={(100 - left) / 10} limit={10} text={`Cutters: ${said}`} />
      <span aria-hidden>{percent(Math.round(left))}</span>
    </Box>
  );
}
