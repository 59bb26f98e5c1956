import { useAtWork } from '../../shell/leaving';
import { RING } from '../../theme';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { newId } from '../../api/client';
import { useComplaints } from '../../api/queries';
import { Field } from '../../parts/Field';
import { ProblemNote } from '../../parts/ProblemNote';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { FormField } from '../../parts/form/fields';

const ORIGINS: Schemas['FaultOrigin'][] = ['RETURN', 'VISIT', 'READING', 'RULE', 'PERSON'];

/** Takes a complaint: which saw, what the crew says, in a few words of its own. */
export default function NewFault() {
  useAtWork();
  const [search] = useSearchParams();
  const [tag, setTag] = useState(search.get('saw') ?? '');
  const [complaint, setComplaint] = useState(search.get('complaint') ?? '');
  const navigate = useNavigate();
  const choices = useComplaints(tag.trim());
  const chosen = choices.data?.find((c) => c.code === complaint);
  const asked = search.get('origin');
  const origin = ORIGINS.find((o) => o === asked) ?? 'PERSON';
  const [id, setId] = useState(newId);
  const { control, submit, ready, besides } = useSignedForm({
    path: '/api/saws/{tag}/faults',
    params: { path: { tag: tag.trim() } },
    start: { seen: '' },
    body: ({ seen }) => {
      if (!chosen) return undefined;
      const said = seen.trim() ? { seen } : {};
      return { id, complaint: chosen.code, origin, ...said };
    },
    onDone: () => void navigate(`/faults/${id}`),
    onRefused: () => setId(newId()),
  });
  return (
    <>
      <title>Report a complaint – Yellow Tally</title>
      <Box component="h1" sx={{ typography: 'h1', my: 2 }}>
        Report a complaint
      </Box>
      <Box component="form" aria-label="Complaint" onSubmit={submit} sx={{ display: 'grid', gap: 2 }}>
        <Box sx={{ maxWidth: 180 }}>
          <Field
            label="Saw"
            autoFocus={tag === ''}
            value={tag}
            onChange={setTag}
            problem={tag.trim() && choices.error ? choices.error.message : undefined}
          />
        </Box>
        {choices.data && (
          <Box component="fieldset" sx={{ border: 0, p: 0, m: 0, minWidth: 0 }}>
            <Box
              component="legend"
              sx={{ p: 0, mb: 0.5, fontSize: 13, fontWeight: 600, color: 'text.secondary' }}
            >
              What is wrong
            </Box>
            <Box
              sx={{
                display: 'grid',
                gap: 0.75,
                gridTemplateColumns: 'repeat(auto-fill, minmax(min(270px, 100%), 1fr))',
              }}
            >
              {choices.data.map((choice) => (
                <ComplaintKey
                  key={choice.code}
                  choice={choice}
                  chosen={choice.code === complaint}
                  onChoose={() => setComplaint(choice.code)}
                />
              ))}
            </Box>
          </Box>
        )}
        <FormField control={control} name="seen" label="In a few words, as it was said" />
        <ProblemNote sentences={besides} />
        <Box>
          <Button type="submit" variant="contained" disabled={!chosen || !ready}>
            {chosen?.holds ? `Report it and hold saw ${tag.trim()}` : 'Report it, find the cause'}
          </Button>
        </Box>
      </Box>
    </>
  );
}

function ComplaintKey({
  choice,
  chosen,
  onChoose,
}: {
  choice: Schemas['ComplaintChoice'];
  chosen: boolean;
  onChoose: () => void;
}) {
  return (
    <Box
      component="label"
      sx={(t) => ({
        position: 'relative',
        display: 'flex',
        flexDirection: 'column',
        justifyContent: 'center',
        minHeight: 52,
        px: 1.5,
        py: 0.75,
        borderRadius: '6px',
        border: `1px solid ${t.vars.palette.house.steel}`,
        background: t.vars.palette.background.paper,
        cursor: 'pointer',
        fontWeight: 600,
        '&:has(input:checked)': {
          background: t.vars.palette.house.beam,
          color: t.vars.palette.house.onBeam,
          boxShadow: `inset 0 -4px 0 ${t.vars.palette.house.tag}`,
        },
        '&:has(input:focus-visible)': RING,
      })}
    >
      <Box
        component="input"
        type="radio"
        name="complaint"
        value={choice.code}
        checked={chosen}
        onChange={onChoose}
        sx={{ position: 'absolute', inset: 0, opacity: 0, m: 0, cursor: 'pointer' }}
      />
      {choice.title}
      {choice.holds && (
        <Box component="span" sx={{ fontSize: 13, fontWeight: 400 }}>
          holds the saw
        </Box>
      )}
    </Box>
  );
}
