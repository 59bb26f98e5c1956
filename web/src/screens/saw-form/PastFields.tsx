import Box from '@mui/material/Box';
import InputBase from '@mui/material/InputBase';
import type { KeyboardEvent } from 'react';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import type { Problem } from '../../api/problem';
import { Field, optionsOf, Pick } from '../../parts/Field';
import { measureWords, stepWords } from '../../words/bench';
import { readWords, sinceWords } from '../../words/past';
import { inUnit } from '../../words/units';
import type { LineForm, PastForm } from './past';
import { BLANK_LINE } from './past';

interface Props {
  power: Schemas['Power'];
  past: PastForm;
  /** How it was understood while it is typed; nothing before the first answer. */
  answer: Schemas['PastAnswer'] | undefined;
  problem: Problem | null;
  onChange: (change: (past: PastForm) => PastForm) => void;
}

/**
 * What a notebook tells of a saw, line by line: when, what it has seen since, how it read. Each line says beside it how it was
 * understood. What is left empty stays unknown.
 */
export function PastFields({ power, past, answer, problem, onChange }: Props) {
  const [at, setAt] = useState<Schemas['Step']>();
  // What was refused stands until its line is changed.
  const [refused, setRefused] = useState({ problem, lines: past.lines });
  if (refused.problem !== problem) setRefused({ problem, lines: past.lines });
  if (!answer) return null;
  const change = (step: Schemas['Step'], changed: Partial<LineForm>) =>
    onChange((before) => ({
      ...before,
      lines: { ...before.lines, [step]: { ...(before.lines[step] ?? BLANK_LINE), ...changed } },
    }));
  /** What is wrong while somebody is typing is said once the line is left. */
  const wrong = ({ step }: Schemas['PastLineView']) => {
    const here = at === step ? [] : answer.wrong.filter((p) => p.field.startsWith(`past.${step}.`));
    const stands = past.lines[step] === refused.lines[step] ? (problem?.problems ?? []) : [];
    return [
      ...here,
      ...stands.filter(
        (p) => p.field.startsWith(`past.${step}.`) && !here.some((one) => one.field === p.field),
      ),
    ];
  };
  return (
    <Box onKeyDown={upAndDown}>
      {answer.lines.map((line) => (
        <Line
          key={line.step}
          line={line}
          power={power}
          typed={past.lines[line.step] ?? BLANK_LINE}
          read={answer.read.find((read) => read.step === line.step)}
          wrong={wrong(line)}
          onAt={setAt}
          onChange={change}
        />
      ))}
    </Box>
  );
}

/** From a field above them into the first line. */
export function intoLines(e: KeyboardEvent<HTMLElement>): void {
  const first = e.currentTarget.closest('form')?.querySelector<HTMLElement>('[data-column="day"]');
  if (e.key !== 'ArrowDown' || !first) return;
  e.preventDefault();
  first.focus();
}

/** Up and down lead to the same column of the next line, as in a table. */
function upAndDown(e: KeyboardEvent<HTMLElement>): void {
  const step = e.key === 'ArrowDown' ? 1 : e.key === 'ArrowUp' ? -1 : 0;
  const from = e.target as HTMLElement;
  const column = from.dataset.column;
  if (step === 0 || column === undefined) return;
  e.preventDefault();
  const all = [...e.currentTarget.querySelectorAll<HTMLElement>(`[data-column="${column}"]`)];
  all[all.indexOf(from) + step]?.focus();
}

function Line({
  line,
  power,
  typed,
  read,
  wrong,
  onAt,
  onChange,
}: {
  line: Schemas['PastLineView'];
  power: Schemas['Power'];
  typed: LineForm;
  read: Schemas['PastRead'] | undefined;
  wrong: Schemas['PastFault'][];
  onAt: (step: Schemas['Step'] | undefined) => void;
  onChange: (step: Schemas['Step'], changed: Partial<LineForm>) => void;
}) {
  const title = stepWords[line.step].title;
  const cell = (
    column: string,
    label: string,
    value: string,
    change: (text: string) => void,
    more: { placeholder?: string; inputMode?: 'decimal' } = {},
  ) => (
    <InputBase
      fullWidth
      value={value}
      {...(more.placeholder ? { placeholder: more.placeholder } : {})}
      error={wrong.some((p) => p.field.endsWith(`.${column}`))}
      onChange={(e) => change(e.target.value)}
      inputProps={{
        autoComplete: 'off',
        'aria-label': `${title}: ${label}`,
        'data-column': column === 'day' || column === 'since' ? column : 'figure',
        ...(more.inputMode ? { inputMode: more.inputMode } : {}),
      }}
    />
  );
  return (
    <Box
      role="group"
      aria-label={title}
      onFocus={() => onAt(line.step)}
      onBlur={() => onAt(undefined)}
      sx={(t) => ({
        display: 'grid',
        gridTemplateColumns: {
          xs: '1fr 1fr',
          md: '200px 120px 170px 225px minmax(0, 1fr)',
        },
        gap: 1.25,
        alignItems: 'center',
        py: 0.5,
        borderBottom: `1px solid ${t.vars.palette.house.hairline}`,
      })}
    >
      <Box sx={{ fontWeight: 600, gridColumn: { xs: '1 / -1', md: 'auto' } }}>{title}</Box>
      {cell('day', 'last done', typed.day, (day) => onChange(line.step, { day }), {
        placeholder: 'last done',
      })}
      {line.since === undefined ? (
        <Box sx={{ color: 'text.secondary', fontSize: 13, display: { xs: 'none', md: 'block' } }} />
      ) : (
        cell(
          'since',
          sinceWords(line.since, power).toLowerCase(),
          typed.since,
          (since) => onChange(line.step, { since }),
          { placeholder: sinceWords(line.since, power).toLowerCase(), inputMode: 'decimal' },
        )
      )}
      {line.figures.length === 0 ? (
        <Box sx={{ display: { xs: 'none', md: 'block' } }} />
      ) : (
        line.figures.map((measure) => (
          <Box key={measure}>
            {cell(
              measure,
              inUnit(measureWords[measure]),
              typed.figures[measure] ?? '',
              (text) => onChange(line.step, { figures: { ...typed.figures, [measure]: text } }),
              { placeholder: inUnit(measureWords[measure]).toLowerCase(), inputMode: 'decimal' },
            )}
          </Box>
        ))
      )}
      <Box
        role="status"
        sx={{
          fontSize: 14,
          gridColumn: { xs: '1 / -1', md: 'auto' },
          color: wrong.length > 0 ? 'error.main' : 'text.secondary',
        }}
      >
        {wrong.length > 0
          ? wrong.map((p) => p.sentence).join(' ')
          : read
            ? readWords(read, line.since, power)
            : ''}
      </Box>
    </Box>
  );
}

const CLEARS: Partial<Record<Schemas['Step'], string>> = {
  OUTSIDE_LOOK: stepWords.OUTSIDE_LOOK.title,
  BRAKE_RUNNING: stepWords.BRAKE_RUNNING.title,
  BRAKE_BAND: stepWords.BRAKE_BAND.title,
  CONTROLS: stepWords.CONTROLS.title,
  CHAIN_LOOK: stepWords.CHAIN_LOOK.title,
  OIL_CARD: stepWords.OIL_CARD.title,
  TANKS: stepWords.TANKS.title,
};

/** Whether it must not be used already, and why. */
export function HeldFields({
  past,
  problem,
  hint,
  onChange,
}: Omit<Props, 'power' | 'answer'> & { hint: string }) {
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 2,
        gridTemplateColumns: { xs: '1fr', md: 'minmax(0, 2fr) minmax(0, 1fr)' },
        alignItems: 'start',
        mt: 2,
      }}
    >
      <Field
        label="Must not be used, because"
        hint={hint}
        value={past.held}
        problem={problem?.at('past.held')}
        onChange={(held) => onChange((before) => ({ ...before, held }))}
      />
      {past.held.trim() !== '' && (
        <Pick
          label="What clears it"
          value={past.heldUntil}
          options={[
            { value: '', label: 'A look all round' },
            ...optionsOf(CLEARS as Record<Schemas['Step'], string>),
          ]}
          problem={problem?.at('past.heldUntil')}
          onChange={(heldUntil) => onChange((before) => ({ ...before, heldUntil }))}
        />
      )}
    </Box>
  );
}
