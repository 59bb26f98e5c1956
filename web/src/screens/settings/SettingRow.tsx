import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { newId } from '../../api/client';
import { useWrite } from '../../api/queries';
import { Field, Pick } from '../../parts/Field';
import { ProblemNote } from '../../parts/ProblemNote';
import { usePerson } from '../../shell/person';
import { dayOf } from '../../words/format';
import { figures } from '../../theme';

/** For whom a value is set. */
interface Reach {
  scope?: Schemas['Scope'];
  scopeSaw?: string;
}

interface Props {
  settingKey: string;
  title: string;
  why: string;
  value: string;
  shown: string;
  standard: string;
  options?: { value: string; label: string }[];
  changed: Schemas['Changed'] | undefined;
  /** For whom the value holds; empty for the fleet. */
  reach: Reach;
}

/** One setting: what it does, what it is, who changed it and why; opens to be changed. */
export function SettingRow({
  settingKey,
  title,
  why,
  value,
  shown,
  standard,
  options,
  changed,
  reach,
}: Props) {
  const [open, setOpen] = useState(false);
  return (
    <Box sx={(t) => ({ borderBottom: `1px solid ${t.vars.palette.house.hairline}`, py: 1 })}>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr auto', sm: '1fr 170px auto' },
          gap: 2,
          alignItems: 'center',
        }}
      >
        <Box>
          <Box>{title}</Box>
          <Box sx={{ color: 'text.secondary', fontSize: 13.5 }}>
            {why}
            {changed &&
              ` Changed ${dayOf(changed.at)} by ${changed.by}: ${changed.reason}. Standard: ${standard}.`}
          </Box>
        </Box>
        <Box sx={{ ...figures, fontSize: 19 }}>{shown}</Box>
        <Button
          variant="outlined"
          aria-expanded={open}
          aria-label={`Change: ${title}`}
          onClick={() => setOpen(!open)}
        >
          Change
        </Button>
      </Box>
      {open && (
        <Change
          settingKey={settingKey}
          value={value}
          options={options}
          canGoBack={changed !== undefined}
          standard={standard}
          reach={reach}
          onDone={() => setOpen(false)}
        />
      )}
    </Box>
  );
}

function Change({
  settingKey,
  value,
  options,
  canGoBack,
  standard,
  reach,
  onDone,
}: {
  settingKey: string;
  value: string;
  options: { value: string; label: string }[] | undefined;
  canGoBack: boolean;
  standard: string;
  reach: Reach;
  onDone: () => void;
}) {
  const { person } = usePerson();
  const [text, setText] = useState(value);
  const [reason, setReason] = useState('');
  const [id, setId] = useState(newId);
  const write = useWrite('/api/settings/changes', {});
  const send = (chosen: string | undefined) => {
    if (!person) return;
    write.mutate(
      { id, personId: person.id, key: settingKey, value: chosen, reason, ...reach },
      { onSuccess: onDone, onError: () => setId(newId()) },
    );
  };
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        send(text);
      }}
    >
      <Box
        sx={{
          display: 'grid',
          gap: 1.5,
          gridTemplateColumns: { xs: '1fr', sm: '200px 1fr auto auto' },
          alignItems: 'start',
          mt: 1,
        }}
      >
        {options ? (
          <Pick
            label="New value"
            value={text}
            options={options}
            onChange={setText}
            problem={write.error?.at('value')}
          />
        ) : (
          <Field
            label="New value"
            inputMode="decimal"
            value={text}
            onChange={setText}
            problem={write.error?.at('value')}
          />
        )}
        <Field label="Reason" value={reason} onChange={setReason} problem={write.error?.at('reason')} />
        <Button type="submit" variant="contained" sx={{ mt: 2.75 }} disabled={write.isPending}>
          Set it
        </Button>
        {canGoBack && (
          <Button
            variant="outlined"
            sx={{ mt: 2.75 }}
            disabled={write.isPending}
            onClick={() => send(undefined)}
          >
            Back to {standard}
          </Button>
        )}
      </Box>
      <ProblemNote sentences={write.error?.besides(['value', 'reason']) ?? []} />
    </form>
  );
}
