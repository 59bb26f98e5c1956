import { ForWhoMay } from '../../parts/ForWhoMay';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { ProblemNote } from '../../parts/ProblemNote';
import { dayOf } from '../../words/format';
import { figures } from '../../theme';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { FormField, FormPick } from '../../parts/form/fields';

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
        <ForWhoMay write="/api/settings/changes" silent>
          <Button
            variant="outlined"
            aria-expanded={open}
            aria-label={`Change: ${title}`}
            onClick={() => setOpen(!open)}
            sx={{ justifySelf: 'start' }}
          >
            Change
          </Button>
        </ForWhoMay>
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
  const { control, form, submit, ready, besides } = useSignedForm({
    path: '/api/settings/changes',
    params: {},
    start: { value, reason: '', standard: false },
    body: (typed) => ({
      key: settingKey,
      // Absent puts it back to its standard.
      ...(typed.standard ? {} : { value: typed.value }),
      reason: typed.reason,
      ...reach,
    }),
    onDone,
  });
  const send = (standard: boolean) => {
    form.setValue('standard', standard);
    submit();
  };
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        send(false);
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
          <FormPick control={control} name="value" label="New value" options={options} />
        ) : (
          <FormField control={control} name="value" label="New value" inputMode="decimal" />
        )}
        <FormField control={control} name="reason" label="Reason" />
        <Button type="submit" variant="contained" sx={{ mt: 2.75 }} disabled={!ready}>
          Set it
        </Button>
        {canGoBack && (
          <Button variant="outlined" sx={{ mt: 2.75 }} disabled={!ready} onClick={() => send(true)}>
            Back to {standard}
          </Button>
        )}
      </Box>
      <ProblemNote sentences={besides} />
    </form>
  );
}
