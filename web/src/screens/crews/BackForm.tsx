import { FEW } from '../../parts/more';
import { useFocusOn } from '../../shell/focus';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useRef } from 'react';
import type { Schemas } from '../../api/client';
import { newId } from '../../api/client';
import { useComplaints, useWrite } from '../../api/queries';
import { Field, Pick } from '../../parts/Field';
import { Panel } from '../../parts/Panel';
import { TagPlate } from '../../parts/Plate';
import { ProblemNote } from '../../parts/ProblemNote';
import { Tick } from '../../parts/Tick';
import { Sure } from '../../parts/Sure';
import { Ticks } from '../../parts/Ticks';
import { useKept } from '../../shell/kept';
import { words } from '../../words/en';
import { tagsOn } from '../../words/tags';
import { tagsIn } from './tags';
import type { When } from './WhenFields';
import { momentOfWhen, NOW, WhenFields } from './WhenFields';
import { numberOf } from '../../words/number';
import { daysBetween } from '../../words/format';
import type { Wrong } from '../../api/problem';
import { sentenceOf } from '../../api/problem';

interface Row {
  tanks: string;
  oil: string;
  groundStruck: boolean;
  dustSeen: boolean;
  chainSlack: boolean;
  daysRun: string;
  complaint: string;
  complaintCode: string;
  hold: boolean;
  /** The figure of tanks that was said to be right, however unlikely. */
  sureOf: string;
}

interface Draft {
  id: string;
  text: string;
  works: Schemas['Work'][];
  woods: Schemas['Wood'][];
  rain: boolean;
  rows: Record<string, Row>;
  when: When;
}

const EMPTY_ROW: Row = {
  tanks: '',
  oil: '',
  groundStruck: false,
  dustSeen: false,
  chainSlack: false,
  daysRun: '',
  complaint: '',
  complaintCode: '',
  hold: false,
  sureOf: '',
};

const fresh = (): Draft => ({
  id: newId(),
  text: '',
  works: [],
  woods: [],
  rain: false,
  rows: {},
  when: NOW,
});

/** Take saws back: the day they shared once, what each one did in a line of its own. */
export function BackForm({
  board,
  out,
  first,
}: {
  board: Schemas['Board'];
  out: Schemas['OpenOuting'][];
  /** Whether the hand begins here. */
  first: boolean;
}) {
  const field = useFocusOn(first);
  const { value: draft, setValue, forget } = useKept<Draft>('back', fresh, (d) => d.text !== '');
  const back = useWrite('/api/outings/return', {});
  const form = useRef<HTMLFormElement>(null);
  const tags = tagsIn(draft.text, tagsOn(board));
  const change = (changed: Partial<Draft>) => setValue((d) => ({ ...d, ...changed }));
  const rowOf = (tag: string): Row => {
    const logged = out.find((o) => o.tag === tag);
    return {
      ...EMPTY_ROW,
      tanks: logged?.refuels ? String(logged.refuels) : '',
      oil: logged?.oilOfAll && logged.oilTanks !== undefined ? String(logged.oilTanks) : '',
      ...draft.rows[tag],
    };
  };
  const daysOut = (tag: string) => {
    const logged = out.find((o) => o.tag === tag);
    return logged ? daysBetween(logged.outAt, momentOfWhen(draft.when).at) : 1;
  };
  const powerOf = (tag: string) =>
    board.rails.flatMap((r) => r.plates).find((p) => p.tag === tag)?.power ?? 'PETROL';

  const send = () => {
    if (tags.length === 0 || back.isPending) return;
    back.mutate(
      {
        id: draft.id,
        ...momentOfWhen(draft.when),
        saws: tags.map((tag) => backSaw(tag, rowOf(tag), draft)),
      },
      {
        onSuccess: () => {
          forget();
          setValue(fresh());
          back.reset();
        },
        onError: () => change({ id: newId() }),
      },
    );
  };
  const shown = tags.flatMap((_, i) =>
    ['tanks', 'oilShare', 'daysRun', 'complaint', 'complaintCode', 'sure'].map(
      (field) => `saws[${i}].${field}`,
    ),
  );
  return (
    <Panel title="Back">
      <Box
        component="form"
        ref={form}
        aria-label="Saws back"
        onSubmit={(e: React.SyntheticEvent) => {
          e.preventDefault();
          send();
        }}
        sx={{ display: 'grid', gap: 1.5 }}
      >
        <Field
          label="Saws that came back"
          hint={
            out.length > 0
              ? `Tags with spaces between. Out: ${some(out.map((o) => o.tag).sort())}`
              : 'Nothing is out'
          }
          inputRef={field}
          value={draft.text}
          onChange={(text) => change({ text })}
          onKeyDown={(e) => {
            if (e.key === 'Enter' && tags.length > 0 && rowOf(tags[0] ?? '').tanks === '') {
              e.preventDefault();
              form.current?.querySelector<HTMLInputElement>('[data-tanks] input')?.focus();
            }
          }}
          problem={back.error?.at('saws')}
        />
        <Ticks
          title="Work"
          options={words.work}
          value={draft.works}
          onChange={(works) => change({ works })}
        />
        <Ticks
          title="Wood and weather"
          options={words.wood}
          value={draft.woods}
          onChange={(woods) => change({ woods })}
        >
          <Tick label="Rain" checked={draft.rain} onChange={(rain) => change({ rain })} />
        </Ticks>
        {tags.map((tag, i) => (
          <SawBack
            key={tag}
            tag={tag}
            fuel={words.fuel[powerOf(tag)]}
            daysOut={daysOut(tag)}
            row={rowOf(tag)}
            problemAt={(field) => back.error?.at(`saws[${i}].${field}`)}
            onChange={(changed) => change({ rows: { ...draft.rows, [tag]: { ...rowOf(tag), ...changed } } })}
          />
        ))}
        <WhenFields
          when={draft.when}
          onChange={(when) => change({ when })}
          problemAt={(f) => back.error?.at(f)}
        />
        <ProblemNote sentences={back.error?.besides(['saws', 'at', 'reason', ...shown]) ?? []} />
        <Button type="submit" variant="contained" disabled={tags.length === 0 || back.isPending}>
          {tags.length > 1 ? `Take ${tags.length} saws back` : `Take saw ${tags[0] ?? ''} back`}
        </Button>
      </Box>
    </Panel>
  );
}

function backSaw(tag: string, row: Row, draft: Draft): Schemas['BackSaw'] {
  return {
    tag,
    // What is no number goes out as none, and the server says so at its field.
    tanks: numberOf(row.tanks) as number,
    ...(row.oil.trim() ? { oilShare: numberOf(row.oil) } : {}),
    works: draft.works,
    woods: draft.woods,
    rain: draft.rain,
    groundStruck: row.groundStruck,
    dustSeen: row.dustSeen,
    chainSlack: row.chainSlack,
    ...(row.daysRun.trim() ? { daysRun: numberOf(row.daysRun) } : {}),
    ...(row.complaint.trim() ? { complaint: row.complaint } : {}),
    ...(row.complaintCode ? { complaintCode: row.complaintCode } : {}),
    hold: row.hold,
    ...(row.sureOf !== '' && row.sureOf === row.tanks ? { sure: true } : {}),
  };
}

function SawBack({
  tag,
  fuel,
  daysOut,
  row,
  problemAt,
  onChange,
}: {
  tag: string;
  fuel: string;
  /** Days of the calendar since it went out. */
  daysOut: number;
  row: Row;
  problemAt: (field: string) => Wrong | undefined;
  onChange: (changed: Partial<Row>) => void;
}) {
  const { data: complaints } = useComplaints(tag);
  return (
    <Box
      role="group"
      aria-label={`Saw ${tag}`}
      sx={(t) => ({
        display: 'grid',
        gridTemplateColumns: { xs: '1fr 1fr', sm: 'auto 110px 130px minmax(0, 1fr)' },
        gap: 1.25,
        alignItems: 'start',
        borderTop: `1px solid ${t.vars.palette.house.hairline}`,
        pt: 1.25,
      })}
    >
      <Box sx={{ pt: 2.75, gridColumn: { xs: '1 / -1', sm: 'auto' } }}>
        <TagPlate tag={tag} />
      </Box>
      <Box data-tanks>
        <Field
          label={fuel}
          inputMode="decimal"
          value={row.tanks}
          onChange={(tanks) => onChange({ tanks })}
          problem={problemAt('tanks')}
        />
      </Box>
      <Sure
        asked={sentenceOf(problemAt('sure'))}
        figure={row.tanks}
        sureOf={row.sureOf}
        onChange={(sureOf) => onChange({ sureOf })}
      />
      <Field
        label="Bar oil, tanks"
        inputMode="decimal"
        value={row.oil}
        onChange={(oil) => onChange({ oil })}
        problem={problemAt('oilShare')}
      />
      <Box sx={{ gridColumn: { xs: '1 / -1', sm: 'auto' }, minWidth: 0 }}>
        <Field
          label="Complaint, in a few words"
          value={row.complaint}
          onChange={(complaint) => onChange({ complaint })}
          problem={problemAt('complaint')}
        />
      </Box>
      <Box
        sx={{
          gridColumn: '1 / -1',
          display: 'flex',
          flexWrap: 'wrap',
          gap: 0.75,
          alignItems: 'end',
          pl: { sm: 6 },
        }}
      >
        {daysOut > 1 && (
          <Box sx={{ flex: '1 1 100%' }}>
            <Box sx={{ maxWidth: { sm: 290 } }}>
              <Field
                label={`Days it ran, of ${daysOut}`}
                hint="If known; else estimated from what it burned"
                inputMode="numeric"
                value={row.daysRun}
                onChange={(daysRun) => onChange({ daysRun })}
                problem={problemAt('daysRun')}
              />
            </Box>
          </Box>
        )}
        <Tick
          label="Struck ground"
          checked={row.groundStruck}
          onChange={(groundStruck) => onChange({ groundStruck })}
        />
        <Tick
          label="Dust, not chips"
          checked={row.dustSeen}
          onChange={(dustSeen) => onChange({ dustSeen })}
        />
        <Tick
          label="Chain slack"
          checked={row.chainSlack}
          onChange={(chainSlack) => onChange({ chainSlack })}
        />
        <Box sx={{ flex: { xs: '1 1 100%', sm: '1 1 180px' }, maxWidth: { sm: 290 } }}>
          <Pick
            label="Complaint for the fault finder"
            value={row.complaintCode}
            options={[
              { value: '', label: 'None' },
              ...(complaints ?? []).map((c) => ({
                value: c.code,
                label: c.holds ? `${c.title} (holds it)` : c.title,
              })),
            ]}
            onChange={(complaintCode) => onChange({ complaintCode })}
            problem={problemAt('complaintCode')}
          />
        </Box>
        <Tick label="Hold it for this" checked={row.hold} onChange={(hold) => onChange({ hold })} />
      </Box>
    </Box>
  );
}

/** Tags in a row, the first of many. */
function some(tags: string[]): string {
  const left = tags.length - FEW;
  return `${tags.slice(0, FEW).join(' ')}${left > 0 ? ` and ${left} more` : ''}`;
}
