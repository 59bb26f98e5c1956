import Box from '@mui/material/Box';
import { Link, useSearchParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { useLayOut, usePacks } from '../../api/packs';
import { Choice } from '../../parts/Choice';
import { Heading } from '../../parts/Heading';
import { Loading } from '../../parts/Loading';
import { TagPlate } from '../../parts/Plate';
import { ProblemNote } from '../../parts/ProblemNote';
import { Quiet } from '../../parts/Quiet';
import { forSaws, PACK_GROUPS, packLine, packStands } from '../../words/pack';
import { dayTitle, leavesThen } from '../../words/planned';
import { CansWith } from './CansWith';
import { PackNotes } from './PackNotes';

/** What is laid out on the bench for a day: parts, files, tools, and what fills the tanks. */
export default function LayOutScreen() {
  const { data: days, error } = useLayOut();
  return (
    <>
      <title>Lay out – Yellow Tally</title>
      <ProblemNote sentences={error ? [error.message] : []} />
      {!days && !error && <Loading />}
      {days && <Filled days={days} />}
    </>
  );
}

function Filled({ days }: { days: Schemas['LaidOut'][] }) {
  const [search, setSearch] = useSearchParams();
  const open = days.filter((day) => day.lines.length > 0);
  const shown = open.find((day) => day.day === search.get('day')) ?? open[0];
  return (
    <>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'baseline', gap: 1.5, mt: 2, mb: 1.5 }}>
        <Heading level={1} why={10}>
          Lay out
        </Heading>
        <Link to="/plan">To the plan</Link>
      </Box>
      {shown === undefined ? (
        <Quiet>Nothing is planned for the bench in these days.</Quiet>
      ) : (
        <>
          <Choice
            label="For"
            options={open.map((day) => ({ value: day.day, label: dayTitle(day.day) }))}
            value={shown.day}
            onChange={(day) => setSearch({ day }, { replace: true })}
          />
          <Box sx={{ color: 'text.secondary', fontSize: 14, my: 1.5, maxWidth: 720 }}>
            Fuel and oil are the most that these saws take when their visits end; the rest follows from what
            is planned (est.). A visit may find more.
          </Box>
          <Day day={shown} />
        </>
      )}
    </>
  );
}

/** The gangs that leave on the day and on the one after it: their packs are laid out beside the bench. */
function Leaving({ day }: { day: string }) {
  const { data: packs = [] } = usePacks();
  const leaving = packs.filter((pack) => pack.lines > 0 && (pack.leaves === day || pack.evening === day));
  if (leaving.length === 0) return null;
  return (
    <Box component="section" aria-label="Gangs that leave">
      <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 0.5 }}>
        Gangs that leave
      </Box>
      {leaving.map((pack) => (
        <Box key={pack.booking} sx={{ py: 0.75, fontSize: 16 }}>
          <Link to={`/packs/${pack.booking}`}>
            {pack.crew}, {leavesThen(pack)}
          </Link>
          <Box sx={{ color: 'text.secondary', fontSize: 13.5 }}>{packStands(pack)}</Box>
        </Box>
      ))}
    </Box>
  );
}

function Day({ day }: { day: Schemas['LaidOut'] }) {
  const saws = day.lines.filter((line) => line.kind === 'SAW');
  return (
    <>
      <Box
        component="section"
        aria-label="Saws"
        sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 0.75, mb: 2 }}
      >
        {saws.map((line) => (
          <TagPlate key={line.name} tag={line.name} />
        ))}
      </Box>
      <Box
        sx={{
          display: 'grid',
          gap: 2.5,
          gridTemplateColumns: 'repeat(auto-fill, minmax(min(100%, 340px), 1fr))',
          alignItems: 'start',
        }}
      >
        {PACK_GROUPS.map(({ title, kinds }) => {
          const lines = day.lines.filter((line) => line.kind !== 'SAW' && kinds.includes(line.kind));
          return (
            lines.length > 0 && (
              <Box component="section" aria-label={title} key={title}>
                <Box component="h2" sx={{ typography: 'h3', m: 0, mb: 0.5 }}>
                  {title === 'Loops' ? 'Into the oil this evening' : title}
                </Box>
                <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
                  {lines.map((line) => (
                    <Box
                      component="li"
                      key={line.name}
                      sx={(t) => ({
                        py: 0.75,
                        borderBottom: `1px solid ${t.vars.palette.house.hairline}`,
                        overflowWrap: 'anywhere',
                      })}
                    >
                      {line.kind === 'LOOP' ? (
                        <Box sx={{ fontSize: 16 }}>
                          {packLine(line)}, {forSaws(line.saws)}
                        </Box>
                      ) : (
                        <>
                          <Box sx={{ fontSize: 16 }}>{packLine(line)}</Box>
                          <PackNotes line={line} />
                        </>
                      )}
                    </Box>
                  ))}
                </Box>
                <CansWith lines={lines} />
              </Box>
            )
          );
        })}
        <Leaving day={day.day} />
      </Box>
    </>
  );
}
