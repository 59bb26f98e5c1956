import type { Schemas } from '../../api/client';
import { newId } from '../../api/client';
import { useKept } from '../../shell/kept';

/** A reading while it is typed. */
export interface DraftReading {
  method: Schemas['TensionMethod'];
  value: string;
  tips?: Schemas['TipsPosition'] | undefined;
  springsBack?: boolean | undefined;
  met: Schemas['FairCondition'][];
  movement?: Schemas['Movement'] | undefined;
  tipsClear: boolean;
  tightSpot: boolean;
  turnsBefore: number;
}

/** A reading that was taken, with what it meant when it was. */
export interface TakenReading {
  reading: DraftReading;
  outcome: Schemas['TensionOutcome'];
  provisional: boolean;
  figure?: number | undefined;
}

/** A check that is not saved yet. Its id is made with it, so that saving twice stores once. */
export interface Draft {
  id: string;
  work: Schemas['Work'];
  occasion: Schemas['CheckOccasion'];
  taken: TakenReading[];
  now: DraftReading;
  jointPlay: string;
  /** Turns out from the stop. */
  adjusterPlace: string;
  tenLinks: string;
  note: string;
  amendReason: string;
}

export const CONDITIONS: Schemas['FairCondition'][] = [
  'NUTS_SLACK',
  'BRAKE_OFF',
  'NOSE_UP',
  'COLD',
  'OILED',
  'PULLED_ROUND',
];

export function freshDraft(page: Schemas['TensionPage']): Draft {
  return {
    id: newId(),
    work: page.house.usualWork,
    occasion: page.occasion,
    taken: [],
    now: {
      method: page.house.method,
      value: '',
      met: [],
      tipsClear: false,
      tightSpot: false,
      turnsBefore: 0,
    },
    jointPlay: '',
    adjusterPlace: '',
    tenLinks: '',
    note: '',
    amendReason: '',
  };
}

/** A draft that outlives a closed browser. */
export function useDraft(key: string, page: Schemas['TensionPage']) {
  const { value, setValue, forget } = useKept<Draft>(
    `tension.${key}`,
    () => freshDraft(page),
    (draft) => draft.taken.length > 0 || draft.now.value !== '' || draft.note !== '',
  );
  return { draft: value, setDraft: setValue, forget };
}

/** The reading as the server takes it. */
export function inputOf(r: DraftReading): Schemas['ReadingInput'] {
  const byEye = r.method === 'TANG_LINE' && r.tips !== undefined && r.value.trim() === '';
  return {
    method: r.method,
    ...(byEye ? { tips: r.tips } : { value: r.value }),
    ...(r.method === 'LIFT_AND_SNAP' && r.springsBack !== undefined ? { springsBack: r.springsBack } : {}),
    met: r.met,
    ...(r.movement ? { movement: r.movement } : {}),
    tipsClearWithoutPull: r.tipsClear,
    tightSpot: r.tightSpot,
    turnsBefore: r.turnsBefore,
  };
}

/** Whether there is anything to ask the rules about. */
export function hasReading(r: DraftReading): boolean {
  return r.value.trim() !== '' || (r.method === 'TANG_LINE' && r.tips !== undefined);
}
