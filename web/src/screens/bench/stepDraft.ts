import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { saidWords } from '../../words/bench';
import { newId } from '../../api/client';
import type { Wrong } from '../../api/problem';
import { usePreviewed, useTakeable, useWrite } from '../../api/queries';
import { takesOf } from '../../parts/TakeFields';
import { useKept } from '../../shell/kept';

/** What is said of a step while it is typed. Its id is made with it, so that saving twice stores once. */
export interface StepDraft {
  id: string;
  said?: Schemas['StepOutcome'] | undefined;
  findings: Schemas['Finding'][];
  figures: Partial<Record<Schemas['Measure'], string>>;
  note: string;
  part: string;
  newChain: boolean;
  soakHours: string;
  /** Why the part that comes off is retired; empty when it goes back to the shelf. */
  retireReason: string;
  /** Taken from the shelf, as typed, by item. */
  takes: Record<string, string>;
}

/** The step as a screen shows it, in a visit or outside one. */
export type StepShown = Pick<Schemas['StepView'], 'step' | 'kind' | 'findings' | 'measures'>;

const fresh = (): StepDraft => ({
  id: newId(),
  findings: [],
  figures: {},
  note: '',
  part: '',
  newChain: true,
  soakHours: '',
  retireReason: '',
  takes: {},
});

/** A draft that outlives a closed browser. */
export function useStepDraft(key: string) {
  return useKept<StepDraft>(
    `step.${key}`,
    fresh,
    (d) =>
      d.said !== undefined ||
      d.findings.length > 0 ||
      d.note !== '' ||
      d.part !== '' ||
      Object.keys(d.figures).length > 0,
  );
}

/** Fine by default where the hand has simply done it; a look must be said. */
export function saidOf(draft: StepDraft, kind: Schemas['StepKind']): Schemas['StepOutcome'] | undefined {
  const done = saidWords(kind).length === 1;
  const measured = kind === 'MEASURE' && Object.values(draft.figures).some((f) => f.trim() !== '');
  return draft.said ?? (done || measured || draft.findings.length > 0 ? 'FINE' : undefined);
}

/** The report as the server takes it. */
export function inputOf(draft: StepDraft, kind: Schemas['StepKind']): Schemas['StepInput'] {
  return {
    said: saidOf(draft, kind) ?? 'FINE',
    findings: draft.findings,
    figures: Object.fromEntries(Object.entries(draft.figures).filter(([, text]) => text.trim() !== '')),
  };
}

/** Asks what a report means; nothing is stored by it. */
export function useStepPreview(tag: string, step: StepShown, draft: StepDraft) {
  const begun = draft.findings.length > 0 || Object.values(draft.figures).some((f) => f.trim() !== '');
  const question: Schemas['StepQuestion'] = {
    step: step.step,
    input: inputOf(draft, step.kind),
    noted: draft.note.trim() !== '',
  };
  return usePreviewed('/api/saws/{tag}/records/preview', { path: { tag } }, question, begun).answer;
}

/** A step being written down: its draft, what it would mean, and the save; in a visit or outside one. */
export function useStepForm(
  tag: string,
  step: StepShown,
  key: string,
  more: (draft: StepDraft) => Partial<Schemas['NewRecord']>,
  onSaved: () => void,
) {
  const { value: kept, setValue, forget } = useStepDraft(key);
  // A draft of an older release may lack what came later.
  const draft = { ...fresh(), ...kept };
  const [unsaid, setUnsaid] = useState(false);
  const answer = useStepPreview(tag, step, draft);
  const { data: shelf } = useTakeable(tag, step.step);
  const save = useWrite('/api/saws/{tag}/records', { path: { tag: tag } });
  const said = saidOf(draft, step.kind);
  const change = (changed: Partial<StepDraft>) => setValue((d) => ({ ...d, ...changed }));
  // What is still missing is no fault while it is typed.
  const problemAt = (field: string): Wrong | undefined =>
    answer?.wrong.find((w) => w.field === field && !w.code.endsWith('_MISSING'))?.sentence ??
    save.error?.at(field);
  const submit = () => {
    if (save.isPending) return;
    setUnsaid(said === undefined);
    if (said === undefined) return;
    const takes = takesOf(draft.takes, shelf);
    save.mutate(
      {
        id: draft.id,
        step: step.step,
        input: inputOf(draft, step.kind),
        ...(draft.note.trim() ? { note: draft.note } : {}),
        ...(takes.length > 0 ? { takes } : {}),
        ...more(draft),
      },
      {
        onSuccess: () => {
          forget();
          onSaved();
        },
        // The next try is another write.
        onError: () => change({ id: newId() }),
      },
    );
  };
  const shown = [
    'findings',
    'note',
    'at',
    'outThere',
    'part.tag',
    'takes',
    'set',
    ...step.measures.map((m) => `figures.${m.measure}`),
  ];
  const problems = [
    ...(unsaid && said === undefined ? ['Choose fine, needs work or fail first: 1, 2 or 3.'] : []),
    ...(save.error?.besides(shown) ?? []),
  ];
  const outcome = answer?.verdict?.outcome ?? said;
  return { draft, change, said, answer, outcome, problemAt, problems, submit, pending: save.isPending };
}
