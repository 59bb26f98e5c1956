import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { useWatch } from 'react-hook-form';
import type { Schemas } from '../../api/client';
import { newId } from '../../api/client';
import { useCrews, useOutingEntry, useOutingStrikeEffect, usePreviewed } from '../../api/queries';
import { Choice } from '../../parts/Choice';
import { FormChoice, FormField, FormPick, FormSure, FormTick, FormTicks } from '../../parts/form/fields';
import { useSignedForm } from '../../parts/form/useSignedForm';
import { ProblemNote } from '../../parts/ProblemNote';
import { Quiet } from '../../parts/Quiet';
import { words } from '../../words/en';
import { daysBetween } from '../../words/format';
import { EffectNote, useRefused } from './EffectNote';
import { Opened } from './Opened';
import { correctedOuting, OUTING_FIELDS, outingForm } from './outingForm';
import { StrikeForm } from './StrikeForm';

/** As many beside each other as there is room for: the form stands in a narrow panel, too. */
const FIELDS = {
  display: 'grid',
  gap: 1.5,
  gridTemplateColumns: 'repeat(auto-fill, minmax(min(100%, 200px), 1fr))',
  alignItems: 'start',
};

/** Puts an entry of an outing right, or strikes out one of something that never was. */
export function CorrectOuting({ outingId, label = 'Put right' }: { outingId: string; label?: string }) {
  return <Opened label={label}>{(close) => <Entry outingId={outingId} onDone={close} />}</Opened>;
}

function Entry({ outingId, onDone }: { outingId: string; onDone: () => void }) {
  const { data: entry, error } = useOutingEntry(outingId);
  const [never, setNever] = useState<'NO' | 'YES'>('NO');
  if (error && !entry) return <ProblemNote sentences={[error.message]} />;
  if (!entry) return <Quiet>{words.loading}</Quiet>;
  return (
    <>
      <Choice
        label="What was wrong"
        options={[
          { value: 'NO', label: 'Something in it' },
          { value: 'YES', label: 'It never went out' },
        ]}
        value={never}
        onChange={setNever}
      />
      {never === 'YES' ? (
        <Never entry={entry} onDone={onDone} />
      ) : (
        <Correct key={entry.version} entry={entry} onDone={onDone} />
      )}
      {entry.complaints.length > 0 && (
        <Box sx={{ fontSize: 14, color: 'text.secondary' }}>
          {`“${entry.complaints.join('”, “')}” stays under Faults of saw ${entry.tag} until an officer ends it there.`}
        </Box>
      )}
    </>
  );
}

function Never({ entry, onDone }: { entry: Schemas['OutingEntry']; onDone: () => void }) {
  const { data: effect, error } = useOutingStrikeEffect(entry.id);
  const form = useSignedForm({
    path: '/api/outings/{outingId}/strike',
    params: { path: { outingId: entry.id } },
    start: { reason: '' },
    body: ({ reason }) => ({ version: entry.version, reason }),
    onDone,
  });
  return <StrikeForm form={form} effect={effect} error={error} />;
}

function Correct({ entry, onDone }: { entry: Schemas['OutingEntry']; onDone: () => void }) {
  const { data: crews } = useCrews();
  const [start] = useState(() => outingForm(entry));
  const [previewId] = useState(newId);
  const params = { path: { outingId: entry.id } };
  const form = useSignedForm({
    path: '/api/outings/{outingId}/correction',
    params,
    start,
    at: () => OUTING_FIELDS,
    body: (typed) => {
      const outing = correctedOuting(typed, entry);
      return outing && { version: entry.version, reason: typed.reason, outing };
    },
    onDone,
  });
  const typed = { ...start, ...useWatch({ control: form.control }) };
  const truth = correctedOuting(typed, entry);
  const preview = usePreviewed(
    '/api/outings/{outingId}/correction/preview',
    params,
    {
      id: previewId,
      version: entry.version,
      reason: '-',
      outing: truth ?? { tag: entry.tag, crewId: entry.crewId, outAt: entry.outAt },
    },
    truth !== undefined,
  );
  const refused = useRefused(preview.answer);
  const { control } = form;
  const back = typed.where === 'BACK';
  return (
    <Box
      component="form"
      aria-label="Put the outing right"
      onSubmit={form.submit}
      sx={{ display: 'grid', gap: 1.5 }}
    >
      <Box sx={FIELDS}>
        <FormField control={control} name="tag" label="Saw" />
        <FormPick
          control={control}
          name="crewId"
          label="Crew"
          options={(crews ?? [])
            .filter((crew) => !crew.leftOn || crew.id === entry.crewId)
            .map((crew) => ({ value: crew.id, label: crew.name }))}
        />
        <FormField control={control} name="outAt" label="Out" type="datetime-local" />
      </Box>
      <FormChoice
        control={control}
        name="where"
        label="Where it is"
        options={[
          { value: 'BACK', label: 'It came back' },
          { value: 'OUT', label: 'It is still out' },
        ]}
      />
      {back && (
        <>
          <Box sx={FIELDS}>
            <FormField control={control} name="backAt" label="Back" type="datetime-local" />
            <FormField control={control} name="tanks" label={words.fuel[entry.power]} inputMode="decimal" />
            <FormField control={control} name="oil" label="Bar oil, tanks" inputMode="decimal" />
            {(typed.daysRun !== '' || daysBetween(typed.outAt, typed.backAt) > 1) && (
              <FormField control={control} name="daysRun" label="Days it ran, if known" inputMode="numeric" />
            )}
            <FormSure control={control} name="sureOf" figure={typed.tanks} />
          </Box>
          <FormTicks control={control} name="works" title="Work" options={words.work} />
          <FormTicks control={control} name="woods" title="Wood and weather" options={words.wood}>
            <FormTick control={control} name="rain" label="Rain" />
            <FormTick control={control} name="groundStruck" label="Struck ground" />
            <FormTick control={control} name="dustSeen" label="Dust, not chips" />
            <FormTick control={control} name="chainSlack" label="Chain slack" />
          </FormTicks>
          <FormField control={control} name="complaint" label="Complaint, in a few words" />
        </>
      )}
      <FormField control={control} name="reason" label="Why it was wrong" />
      {truth !== undefined && <EffectNote effect={preview.answer} error={preview.error} />}
      <ProblemNote sentences={form.besides} />
      <div>
        <Button type="submit" variant="contained" disabled={!form.ready || refused || truth === undefined}>
          Put it right
        </Button>
      </div>
    </Box>
  );
}
