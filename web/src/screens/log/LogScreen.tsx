import { Loading } from '../../parts/Loading';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useSearchParams } from 'react-router';
import type { Schemas } from '../../api/client';
import type { LogFilter } from '../../api/queries';
import { useLog, usePeople } from '../../api/queries';
import { Field, Pick } from '../../parts/Field';
import { ProblemNote } from '../../parts/ProblemNote';
import { Quiet } from '../../parts/Quiet';
import { fleetDay } from '../../words/days';
import { logKindWords } from '../../words/log';
import { dayOf, momentOf } from '../../words/format';
import { onPaper } from '../../print';
import { SealLine } from '../records/SealLine';
import { LogLines } from './LogLines';

type What = Schemas['LogKind'] | 'STRUCK' | '';

/** Every record of the fleet, latest first; the filters stand in the address, so that a view can be sent on. */
export default function LogScreen() {
  const [search, setSearch] = useSearchParams();
  const { data: people = [] } = usePeople();
  const filter = filterOf(search);
  const log = useLog(filter);
  const set = (key: string, value: string) =>
    setSearch(
      (before) => {
        const next = new URLSearchParams(before);
        if (value) next.set(key, value);
        else next.delete(key);
        return next;
      },
      { replace: true },
    );
  const entries = log.data?.pages.flatMap((page) => page.entries) ?? [];
  const notUnderstood = Math.max(0, ...(log.data?.pages.map((page) => page.notUnderstood) ?? []));
  return (
    <>
      <title>Log – Yellow Tally</title>
      <Box component="h1" sx={{ typography: 'h1', mt: 2, mb: 0.5 }}>
        Log
      </Box>
      <Box sx={onPaper}>{askedFor(search, people)}</Box>
      <SealLine />
      <Box
        component="search"
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr 1fr', md: '100px 130px repeat(4, minmax(0, 1fr))' },
          gap: 1.5,
          mb: 2,
        }}
      >
        <Field label="Saw" value={search.get('saw') ?? ''} onChange={(v) => set('saw', v.trim())} />
        <Field label="Part" value={search.get('part') ?? ''} onChange={(v) => set('part', v.trim())} />
        <Pick<What>
          label="What"
          value={(search.get('kinds') ?? '') as What}
          options={[
            { value: '', label: 'Everything' },
            { value: 'STRUCK', label: 'Struck out' },
            ...(Object.keys(logKindWords) as Schemas['LogKind'][]).map((k) => ({
              value: k,
              label: logKindWords[k],
            })),
          ]}
          onChange={(v) => set('kinds', v)}
        />
        <Pick
          label={search.get('kinds') === 'STRUCK' ? 'Struck out by' : 'By'}
          value={search.get('person') ?? ''}
          options={[{ value: '', label: 'Anybody' }, ...people.map((p) => ({ value: p.id, label: p.name }))]}
          onChange={(v) => set('person', v)}
        />
        <Field label="From" type="date" value={search.get('from') ?? ''} onChange={(v) => set('from', v)} />
        <Field label="To" type="date" value={search.get('to') ?? ''} onChange={(v) => set('to', v)} />
      </Box>
      <ProblemNote sentences={log.error ? [log.error.message] : []} />
      {log.isPending && <Loading />}
      {log.data && entries.length === 0 && (
        <Quiet>{search.size > 0 ? 'No record fits this.' : 'Nothing is recorded yet.'}</Quiet>
      )}
      {notUnderstood > 0 && (
        <ProblemNote
          sentences={[
            notUnderstood === 1
              ? 'One record among these cannot be understood and is left out. Its saw is held. The check above says what was altered.'
              : `${notUnderstood} records among these cannot be understood and are left out. Their saws are held. The check above says what was altered.`,
          ]}
        />
      )}
      {entries.length > 0 && (
        <Button size="small" variant="text" href={sheetOf(filter)} download sx={{ mt: -1, mb: 0.5, px: 0 }}>
          All that fits, as a CSV file
        </Button>
      )}
      <LogLines entries={entries} withTag />
      {log.hasNextPage && (
        <Button
          variant="outlined"
          sx={{ mt: 2 }}
          disabled={log.isFetchingNextPage}
          onClick={() => void log.fetchNextPage()}
        >
          Show earlier records
        </Button>
      )}
    </>
  );
}

/** What is asked for, in words: on paper there are no fields to read it from. */
function askedFor(search: URLSearchParams, people: Schemas['Named'][]): string {
  const kind = search.get('kinds');
  const person = people.find((one) => one.id === search.get('person'));
  const said = [
    search.get('saw') && `tag ${search.get('saw')}`,
    search.get('part') && `part ${search.get('part')}`,
    kind && (kind === 'STRUCK' ? 'struck out' : logKindWords[kind as Schemas['LogKind']].toLowerCase()),
    person && `by ${person.name}`,
    search.get('from') && `from ${dayOf(fleetDay(search.get('from') ?? '').toISOString())}`,
    search.get('to') && `to ${dayOf(fleetDay(search.get('to') ?? '').toISOString())}`,
  ].filter(Boolean);
  return `Printed ${momentOf(new Date().toISOString())}: ${said.length > 0 ? said.join(', ') : 'all records'}.`;
}

/** Where the same is taken out as a sheet. */
function sheetOf(filter: LogFilter): string {
  const asked = new URLSearchParams();
  Object.entries(filter).forEach(([key, value]) => asked.set(key, String(value)));
  return `/api/log.csv?${asked.toString()}`;
}

/** Days as the officer means them, moments as the server takes them: the last day counts to its end. */
function filterOf(search: URLSearchParams): LogFilter {
  const filter: LogFilter = {};
  const saw = search.get('saw');
  if (saw) filter.saw = saw;
  const kind = search.get('kinds');
  if (kind === 'STRUCK') filter.struck = true;
  else if (kind) filter.kinds = [kind as Schemas['LogKind']];
  const part = search.get('part');
  if (part) filter.part = part.toUpperCase();
  const person = search.get('person');
  if (person) filter.person = person;
  const from = search.get('from');
  if (from) filter.from = fleetDay(from).toISOString();
  const to = search.get('to');
  if (to) filter.before = fleetDay(to, 1).toISOString();
  return filter;
}
