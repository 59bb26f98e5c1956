import { useMarks } from '../../parts/PartTag';
import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { useParts } from '../../api/queries';
import { Choice } from '../../parts/Choice';
import { Field, optionsOf, Pick } from '../../parts/Field';
import { Tick } from '../../parts/Tick';
import { words } from '../../words/en';
import { inUnit } from '../../words/units';
import { barLength } from '../../words/format';
import { NewTag } from './SetLine';
import type { PartSource, SetForm } from './form';
import { notANumber } from '../../words/number';
import type { Wrong } from '../../api/problem';

const SOURCES: { value: PartSource; label: string }[] = [
  { value: 'SHELF', label: 'From the shelf' },
  { value: 'NEW', label: 'New part' },
  { value: 'NONE', label: 'None' },
];

interface Props {
  set: SetForm;
  sawTag: string | undefined;
  /** The sentence at a field, from the fit check or from a refused save. */
  problemAt: (field: string) => Wrong | undefined;
  onChange: (changed: Partial<SetForm>) => void;
}

/** Bar, chain and sprocket: each from the shelf, new, or none. */
export function SetFields({ set, sawTag, problemAt, onChange }: Props) {
  const { data: parts } = useParts();
  const marks = useMarks();
  const { bar, chain, sprocket } = set;
  // What hangs on this saw stays in its list, also condemned; else nothing that is out of use is offered.
  const free = (part: { tag: string; onSaw?: string }) =>
    part.onSaw === undefined ? !marks(part.tag)?.out : part.onSaw === sawTag;
  const noted = (part: { tag: string; onSaw?: string }) => {
    const notes = [part.onSaw && 'fitted', marks(part.tag)?.word].filter(Boolean);
    return notes.length > 0 ? ` (${notes.join(', ')})` : '';
  };
  const shelf = <P extends { tag: string; onSaw?: string }>(
    all: P[] | undefined,
    say: (part: P) => string,
  ) => [
    { value: '', label: 'Choose' },
    ...(all ?? []).filter(free).map((p) => ({
      value: p.tag,
      label: `${p.tag}: ${say(p)}${noted(p)}`,
    })),
  ];
  return (
    <Box sx={{ display: 'grid', gap: 2.5 }}>
      <Part
        title="Bar"
        source={bar.source}
        onSource={(source) => onChange({ bar: { ...bar, source, tag: '' } })}
      >
        {bar.source === 'SHELF' && (
          <Pick
            label="Bar"
            value={bar.tag}
            options={shelf(
              parts?.bars,
              (p) =>
                `${barLength(p.lengthMm)}, ${words.pitch[p.pitch]}, ${words.gauge[p.gauge]}, ${p.driveLinks} drive links`,
            )}
            problem={problemAt('set.bar.tag')}
            onChange={(tag) => onChange({ bar: { ...bar, tag } })}
          />
        )}
        {bar.source === 'NEW' && (
          <>
            <NewTag part="bar" set={set} problemAt={problemAt} onChange={onChange} />
            <Field
              label="Length"
              placeholder="18 in"
              value={bar.length}
              problem={problemAt('set.bar.length')}
              onChange={(length) => onChange({ bar: { ...bar, length } })}
            />
            <Pick
              label="Pitch"
              value={bar.pitch}
              options={optionsOf(words.pitch)}
              onChange={(pitch) => onChange({ bar: { ...bar, pitch } })}
            />
            <Pick
              label="Groove gauge"
              value={bar.gauge}
              options={optionsOf(words.gauge)}
              onChange={(gauge) => onChange({ bar: { ...bar, gauge } })}
            />
            <Field
              label="Drive links the bar takes"
              inputMode="numeric"
              value={bar.driveLinks}
              problem={notANumber(bar.driveLinks) ?? problemAt('set.bar.driveLinks')}
              onChange={(driveLinks) => onChange({ bar: { ...bar, driveLinks } })}
            />
            <Pick
              label="Nose"
              value={bar.nose}
              options={optionsOf(words.nose)}
              onChange={(nose) => onChange({ bar: { ...bar, nose } })}
            />
          </>
        )}
      </Part>
      <Part
        title="Chain"
        source={chain.source}
        onSource={(source) => onChange({ chain: { ...chain, source, tag: '' }, newChain: source === 'NEW' })}
      >
        {chain.source === 'SHELF' && (
          <Pick
            label="Chain"
            value={chain.tag}
            options={shelf(
              parts?.chains,
              (p) => `${words.pitch[p.pitch]}, ${words.gauge[p.gauge]}, ${p.driveLinks} drive links`,
            )}
            problem={problemAt('set.chain.tag')}
            onChange={(tag) => onChange({ chain: { ...chain, tag } })}
          />
        )}
        {chain.source === 'NEW' && (
          <>
            <NewTag part="chain" set={set} problemAt={problemAt} onChange={onChange} />
            <Pick
              label="Chain pitch"
              value={chain.pitch}
              options={optionsOf(words.pitch)}
              onChange={(pitch) => onChange({ chain: { ...chain, pitch } })}
            />
            <Pick
              label="Chain gauge"
              value={chain.gauge}
              options={optionsOf(words.gauge)}
              onChange={(gauge) => onChange({ chain: { ...chain, gauge } })}
            />
            <Field
              label="Drive links"
              inputMode="numeric"
              value={chain.driveLinks}
              problem={notANumber(chain.driveLinks) ?? problemAt('set.chain.driveLinks')}
              onChange={(driveLinks) => onChange({ chain: { ...chain, driveLinks } })}
            />
            <Pick
              label="Cutter sequence"
              value={chain.sequence}
              options={optionsOf(words.sequence)}
              onChange={(sequence) => onChange({ chain: { ...chain, sequence } })}
            />
            <Pick
              label="Cutter profile"
              value={chain.cutterProfile}
              options={optionsOf(words.profile)}
              onChange={(cutterProfile) => onChange({ chain: { ...chain, cutterProfile } })}
            />
            <Field
              label={inUnit(words.loop.tangDepth)}
              hint="Empty: by pitch (est.)"
              value={chain.tangDepth}
              problem={problemAt('set.chain.tangDepth')}
              onChange={(tangDepth) => onChange({ chain: { ...chain, tangDepth } })}
            />
            <Field
              label={inUnit(words.loop.newCutter)}
              hint="Empty: by pitch (est.)"
              value={chain.newCutter}
              problem={problemAt('set.chain.newCutter')}
              onChange={(newCutter) => onChange({ chain: { ...chain, newCutter } })}
            />
            <Field
              label={inUnit(words.loop.wearMark)}
              hint="Empty: as for an unmarked loop"
              value={chain.wearMark}
              problem={problemAt('set.chain.wearMark')}
              onChange={(wearMark) => onChange({ chain: { ...chain, wearMark } })}
            />
            <Field
              label={inUnit(words.loop.file)}
              hint="Empty: by pitch"
              value={chain.file}
              problem={problemAt('set.chain.file')}
              onChange={(file) => onChange({ chain: { ...chain, file } })}
            />
          </>
        )}
        {chain.source !== 'NONE' && (
          <Box sx={{ alignSelf: 'end' }}>
            <Tick
              label="Has never run"
              checked={set.newChain}
              onChange={(newChain) => onChange({ newChain })}
            />
          </Box>
        )}
        {chain.source !== 'NONE' && set.newChain && (
          <Field
            label="Hours soaked in oil"
            hint="12 h in a closed bag, at least 4"
            inputMode="decimal"
            value={set.soakHours}
            problem={notANumber(set.soakHours) ?? problemAt('set.soakHours')}
            onChange={(soakHours) => onChange({ soakHours })}
          />
        )}
      </Part>
      <Part
        title="Sprocket"
        source={sprocket.source}
        onSource={(source) => onChange({ sprocket: { ...sprocket, source, tag: '' } })}
      >
        {sprocket.source === 'SHELF' && (
          <Pick
            label="Sprocket"
            value={sprocket.tag}
            options={shelf(
              parts?.sprockets,
              (p) => `${words.sprocketKind[p.kind]}, ${p.teeth} teeth, ${words.pitch[p.pitch]}`,
            )}
            problem={problemAt('set.sprocket.tag')}
            onChange={(tag) => onChange({ sprocket: { ...sprocket, tag } })}
          />
        )}
        {sprocket.source === 'NEW' && (
          <>
            <NewTag part="sprocket" set={set} problemAt={problemAt} onChange={onChange} />
            <Pick
              label="Kind"
              value={sprocket.kind}
              options={optionsOf(words.sprocketKind)}
              onChange={(kind) => onChange({ sprocket: { ...sprocket, kind } })}
            />
            <Field
              label="Teeth"
              inputMode="numeric"
              value={sprocket.teeth}
              problem={notANumber(sprocket.teeth) ?? problemAt('set.sprocket.teeth')}
              onChange={(teeth) => onChange({ sprocket: { ...sprocket, teeth } })}
            />
            <Pick
              label="Sprocket pitch"
              value={sprocket.pitch}
              options={optionsOf(words.pitch)}
              onChange={(pitch) => onChange({ sprocket: { ...sprocket, pitch } })}
            />
          </>
        )}
      </Part>
      <Field
        label="Note"
        value={set.note}
        problem={problemAt('set.note')}
        onChange={(note) => onChange({ note })}
      />
    </Box>
  );
}

function Part({
  title,
  source,
  onSource,
  children,
}: {
  title: string;
  source: PartSource;
  onSource: (source: PartSource) => void;
  children: ReactNode;
}) {
  return (
    <Box>
      <Choice label={title} options={SOURCES} value={source} onChange={onSource} />
      <Box
        sx={{
          mt: 1,
          display: 'grid',
          gap: 2,
          gridTemplateColumns: { xs: '1fr 1fr', md: 'repeat(4, 1fr)' },
          alignItems: 'start',
        }}
      >
        {children}
      </Box>
    </Box>
  );
}
