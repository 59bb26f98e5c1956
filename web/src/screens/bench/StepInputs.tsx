import { useMarks } from '../../parts/PartTag';
import { useKeys } from '../../shell/keys';
import { useRef } from 'react';
import Box from '@mui/material/Box';
import type { Schemas } from '../../api/client';
import { useParts } from '../../api/queries';
import { Field, Pick } from '../../parts/Field';
import { Key } from '../../parts/Key';
import { TakeFields } from '../../parts/TakeFields';
import { Tick } from '../../parts/Tick';
import { figureUnit, findingWords, measureWords, saidWords } from '../../words/bench';
import { RING } from '../../theme';
import { barLength } from '../../words/format';
import { CanChoice } from './CanChoice';
import type { StepDraft, StepShown } from './stepDraft';
import { saidOf } from './stepDraft';
import type { Wrong } from '../../api/problem';
import { sentenceOf } from '../../api/problem';

/** How a record says from which can the saw was filled. */
const FROM_CAN = 'From can ';

interface Props {
  tag: string;
  /** Parts of fuel to one of oil; left out where the saw takes none, or nobody said. */
  ratio?: number | undefined;
  step: StepShown;
  draft: StepDraft;
  problemAt: (field: string) => Wrong | undefined;
  onChange: (changed: Partial<StepDraft>) => void;
  onEnter: () => void;
}

/** Keys of findings: under the left hand, and none that a figure or its unit is written with. */
const FINDING_KEYS = 'qwertasdfgzxvb';

const DIGITS = ['0', '1', '2', '3', '4', '5', '6', '7', '8', '9'];

/** Whether a step cannot be recorded without a figure: what is typed is that figure, and no answer. */
export function asksFigure(step: StepShown): boolean {
  return step.measures.some((m) => m.needed);
}

/** The input of one step, by what the hand does in it: keys to say, figures to measure, words to find. */
export function StepInputs({ tag, ratio, step, draft, problemAt, onChange, onEnter }: Props) {
  const said = saidOf(draft, step.kind);
  const options = saidWords(step.kind);
  const place = useRef<HTMLDivElement>(null);
  const figured = asksFigure(step);
  const find = (finding: Schemas['Finding']) =>
    onChange({
      findings: draft.findings.includes(finding)
        ? draft.findings.filter((f) => f !== finding)
        : [...draft.findings, finding],
    });
  const keyed = step.findings.slice(0, FINDING_KEYS.length).map(({ finding }) => finding);
  const findingKeys: Record<string, () => void> = Object.fromEntries(
    keyed.map((finding, i) => [FINDING_KEYS.charAt(i), () => find(finding)]),
  );
  const first = step.measures.find((m) => m.needed)?.measure;
  const type = (digit: string) => {
    if (!first) return;
    onChange({ figures: { ...draft.figures, [first]: `${draft.figures[first] ?? ''}${digit}` } });
    place.current?.querySelector<HTMLInputElement>('[data-figure] input')?.focus();
  };
  useKeys({
    ...findingKeys,
    // A figure that is typed beside its field is a figure all the same.
    ...(figured ? Object.fromEntries(DIGITS.map((digit) => [digit, () => type(digit)])) : {}),
  });
  return (
    <Box
      ref={place}
      onKeyDown={(e) => {
        // No figure is written with these letters: they find here too.
        const act = e.ctrlKey || e.metaKey || e.altKey ? undefined : findingKeys[e.key];
        if (!act || !(e.target as Element).closest('[data-figure]')) return;
        e.preventDefault();
        act();
      }}
      sx={{ display: 'grid', gap: 1.5 }}
    >
      {step.kind === 'REPLACE' && (
        <PartChoice step={step.step} draft={draft} problemAt={problemAt} onChange={onChange} />
      )}
      {step.measures.some((m) => m.measure === 'FUEL_AGE') && (
        <CanChoice
          ratio={ratio}
          chosen={draft.note.startsWith(FROM_CAN) ? draft.note.slice(FROM_CAN.length) : undefined}
          onChoose={(can) =>
            onChange({
              figures: { ...draft.figures, FUEL_AGE: String(can.age.days) },
              note: `${FROM_CAN}${can.name}`,
            })
          }
        />
      )}
      {step.measures.length > 0 && (
        <Figures
          tag={tag}
          step={step}
          draft={draft}
          problemAt={problemAt}
          onChange={onChange}
          onEnter={onEnter}
        />
      )}
      {options.length > 1 && (
        <Box role="group" aria-label="How it is" sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
          {options.map(([outcome, label], i) => (
            <SayKey
              key={outcome}
              label={label}
              first={i === 0 && !figured}
              number={figured ? '' : options.length === 2 && i === 1 ? '3' : String(i + 1)}
              pressed={said === outcome && draft.said !== undefined}
              onPress={() => onChange({ said: outcome })}
            />
          ))}
        </Box>
      )}
      {step.findings.length > 0 && (
        <Box component="fieldset" sx={{ border: 0, p: 0, m: 0, minWidth: 0 }}>
          <Box component="legend" sx={legend}>
            {step.kind === 'CAUSE' ? 'Which it was' : 'Found'}
          </Box>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}>
            {step.findings.map(({ finding }, i) => (
              <Tick
                key={finding}
                label={findingWords[finding]}
                keyed={FINDING_KEYS[i]}
                checked={draft.findings.includes(finding)}
                onChange={() => find(finding)}
              />
            ))}
          </Box>
          {problemAt('findings') && (
            <Box role="alert" sx={{ color: 'error.main', fontSize: 14, mt: 0.5 }}>
              {sentenceOf(problemAt('findings'))}
            </Box>
          )}
        </Box>
      )}
      <TakeFields
        tag={tag}
        step={step.step}
        takes={draft.takes}
        onChange={(takes) => onChange({ takes })}
        problem={sentenceOf(problemAt('takes'))}
      />
      <Field
        label="Note"
        value={draft.note}
        onChange={(note) => onChange({ note })}
        problem={problemAt('note')}
        onKeyDown={(e) => {
          if (e.key === 'Enter') {
            e.preventDefault();
            onEnter();
          }
        }}
      />
    </Box>
  );
}

const legend = { p: 0, mb: 0.5, fontSize: 13, fontWeight: 600, color: 'text.secondary' } as const;

function SayKey({
  label,
  first,
  number,
  pressed,
  onPress,
}: {
  label: string;
  /** Whether it is the first answer of its step, so that the hand begins here. */
  first: boolean;
  number: string;
  pressed: boolean;
  onPress: () => void;
}) {
  return (
    <Box
      component="button"
      type="button"
      aria-pressed={pressed}
      autoFocus={first}
      onClick={onPress}
      sx={(t) => ({
        font: 'inherit',
        fontSize: 18,
        fontWeight: 600,
        flex: '1 1 0',
        minWidth: 96,
        minHeight: 56,
        px: 2,
        cursor: 'pointer',
        borderRadius: '8px',
        border: `1.5px solid ${pressed ? t.vars.palette.house.beam : t.vars.palette.house.steel}`,
        background: pressed ? t.vars.palette.house.beam : t.vars.palette.background.paper,
        color: pressed ? t.vars.palette.house.onBeam : t.vars.palette.text.primary,
        boxShadow: pressed ? `inset 0 -5px 0 ${t.vars.palette.house.tag}` : 'none',
        '&:focus-visible': RING,
      })}
    >
      {label}
      {number && <Key>{number}</Key>}
    </Box>
  );
}

/** Figures that the step asks for, and below them those that are taken when there is time. */
function Figures(props: Props) {
  // Gauges are read one way or the other; that one of them is, the server sees to.
  const asked = props.step.measures.filter((m) => m.needed || props.step.step === 'DEPTH_GAUGES');
  const besides = props.step.measures.filter((m) => !asked.includes(m));
  return (
    <>
      {asked.length > 0 && <FigureRow {...props} measures={asked} focus />}
      {besides.length === 1 && <FigureRow {...props} measures={besides} when=", if measured" />}
      {besides.length > 1 && (
        <Box component="fieldset" sx={{ border: 0, p: 0, m: 0, minWidth: 0 }}>
          <Box component="legend" sx={legend}>
            If measured
          </Box>
          <FigureRow {...props} measures={besides} />
        </Box>
      )}
    </>
  );
}

function FigureRow({
  draft,
  measures,
  focus,
  when = '',
  problemAt,
  onChange,
  onEnter,
}: Props & { measures: StepShown['measures']; focus?: boolean; when?: string }) {
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fit, minmax(150px, 1fr))', gap: 1.5 }}>
      {measures.map(({ measure, kind }, i) => (
        <Box
          key={measure}
          data-figure
          // One figure for all stands before those of the sides.
          sx={measure === 'GAUGE_SETTING' ? { gridColumn: '1 / -1', maxWidth: 240 } : { minWidth: 0 }}
        >
          <Field
            label={`${measureWords[measure]}${figureUnit(kind) && `, ${figureUnit(kind)}`}${when}`}
            inputMode="decimal"
            autoFocus={focus === true && i === 0}
            value={draft.figures[measure] ?? ''}
            problem={problemAt(`figures.${measure}`)}
            onChange={(text) => onChange({ figures: { ...draft.figures, [measure]: text } })}
            onKeyDown={(e) => {
              if (e.key === 'Enter') {
                e.preventDefault();
                onEnter();
              }
            }}
            sx={{ fontSize: 20, fontWeight: 600 }}
          />
        </Box>
      ))}
    </Box>
  );
}

/** A part from the shelf; whether it fits is said by the server in words. */
function PartChoice({
  step,
  draft,
  problemAt,
  onChange,
}: {
  step: Schemas['Step'];
  draft: StepDraft;
  problemAt: (field: string) => Wrong | undefined;
  onChange: (changed: Partial<StepDraft>) => void;
}) {
  const { data: parts } = useParts();
  const marks = useMarks();
  const shelf =
    step === 'REPLACE_CHAIN'
      ? (parts?.chains ?? []).map((c) => ({
          tag: c.tag,
          on: c.onSaw,
          size: `${c.driveLinks} drive links`,
        }))
      : step === 'REPLACE_BAR'
        ? (parts?.bars ?? []).map((b) => ({
            tag: b.tag,
            on: b.onSaw,
            size: barLength(b.lengthMm),
          }))
        : (parts?.sprockets ?? []).map((s) => ({
            tag: s.tag,
            on: s.onSaw,
            size: `${s.teeth} teeth`,
          }));
  const options = shelf
    .filter((p) => !p.on && !marks(p.tag)?.out)
    .map((p) => ({ value: p.tag, label: [p.tag, p.size, marks(p.tag)?.word].filter(Boolean).join(', ') }));
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'end' }}>
      <Box sx={{ flex: '1 1 220px' }}>
        <Pick
          label="Part from the shelf"
          value={draft.part}
          options={[{ value: '', label: options.length ? 'Choose' : 'Nothing on the shelf' }, ...options]}
          onChange={(part) => onChange({ part })}
          problem={problemAt('part.tag') ?? problemAt('set')}
        />
      </Box>
      {step === 'REPLACE_CHAIN' && (
        <>
          <Tick label="Never run" checked={draft.newChain} onChange={(newChain) => onChange({ newChain })} />
          <Box sx={{ width: 150 }}>
            <Field
              label="Soaked in oil, hours"
              inputMode="decimal"
              value={draft.soakHours}
              onChange={(soakHours) => onChange({ soakHours })}
            />
          </Box>
        </>
      )}
      <Box sx={{ flex: '1 1 260px' }}>
        <Field
          label="Why the old one is retired"
          hint="Leave empty to put it back on the shelf"
          value={draft.retireReason}
          onChange={(retireReason) => onChange({ retireReason })}
          problem={problemAt('reason')}
        />
      </Box>
    </Box>
  );
}
