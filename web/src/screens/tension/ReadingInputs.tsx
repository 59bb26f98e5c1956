import Box from '@mui/material/Box';
import type { RefObject } from 'react';
import type { Schemas } from '../../api/client';
import { Choice } from '../../parts/Choice';
import { Field, optionsOf, Pick } from '../../parts/Field';
import { words } from '../../words/en';
import { methodHint } from '../../words/tension';
import { lengthSign } from '../../words/units';
import type { DraftReading } from './draft';

interface Props {
  draft: DraftReading;
  work: Schemas['Work'];
  house: Schemas['House'];
  target: number | undefined;
  problem: string | undefined;
  inputRef: RefObject<HTMLInputElement | null>;
  onChange: (changed: Partial<DraftReading>) => void;
  onWork: (work: Schemas['Work']) => void;
  onEnter: () => void;
  onFair: () => void;
}

const SPRINGS = { BACK: 'Springs back', NOT: 'Stays out' };

/** What the hand reads: figure, method, next work, and what it felt on the way. */
export function ReadingInputs({
  draft,
  work,
  house,
  target,
  problem,
  inputRef,
  onChange,
  onWork,
  onEnter,
  onFair,
}: Props) {
  const methods = optionsOf(words.method).map((o) =>
    o.value === house.method ? { ...o, label: `${o.label} (house)` } : o,
  );
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Box
        sx={{
          display: 'grid',
          gap: 1.5,
          gridTemplateColumns: { xs: '1fr 1fr', sm: '1.3fr 1.2fr 1fr' },
          alignItems: 'start',
        }}
      >
        <Field
          label={`${words.methodReads[draft.method]}${draft.method === 'TWELFTH_PAST_TOUCH' ? '' : `, ${lengthSign()}`}`}
          value={draft.value}
          autoFocus
          inputRef={inputRef}
          placeholder={
            draft.method === 'TWELFTH_PAST_TOUCH' ? '30' : lengthSign() === 'mm' ? '6 or 1/4 in' : '1/4'
          }
          problem={problem}
          hint={target === undefined ? undefined : methodHint(draft.method, target)}
          onChange={(value) => onChange({ value })}
          onKeyDown={(e) => {
            if (e.key === 'Enter' && !e.ctrlKey) {
              e.preventDefault();
              onEnter();
            } else if (e.key === 'f' && !e.ctrlKey && !e.metaKey) {
              // No length is written with an f: the key says here too that the reading is fair.
              e.preventDefault();
              onFair();
            }
          }}
          sx={{ fontSize: 22, fontWeight: 600 }}
        />
        <Pick
          label="Method"
          value={draft.method}
          options={methods}
          onChange={(method) => onChange({ method, tips: undefined })}
        />
        <Pick label="Next work" value={work} options={optionsOf(words.work)} onChange={onWork} />
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'end' }}>
        {draft.method === 'TANG_LINE' && (
          <Choice
            label="Or by eye: tips against the rail edge"
            options={optionsOf(words.tips)}
            value={draft.value.trim() === '' ? draft.tips : undefined}
            onChange={(tips) => onChange({ tips, value: '' })}
          />
        )}
        <Choice
          label="Moves by hand"
          options={optionsOf(words.movement)}
          value={draft.movement}
          onChange={(movement) => onChange({ movement })}
        />
        {draft.method === 'LIFT_AND_SNAP' && (
          <Choice
            label="When let go"
            options={optionsOf(SPRINGS)}
            value={draft.springsBack === undefined ? undefined : draft.springsBack ? 'BACK' : 'NOT'}
            onChange={(springs) => onChange({ springsBack: springs === 'BACK' })}
          />
        )}
      </Box>
    </Box>
  );
}
