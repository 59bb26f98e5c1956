import type { Schemas } from '../../api/client';
import { momentTyped, typedMoment } from '../../words/days';
import { numberOf } from '../../words/number';

/** An entry of an outing while it is put right: figures and moments as text. */
export interface OutingForm {
  tag: string;
  crewId: string;
  outAt: string;
  where: 'BACK' | 'OUT';
  backAt: string;
  tanks: string;
  oil: string;
  works: Schemas['Work'][];
  woods: Schemas['Wood'][];
  rain: boolean;
  groundStruck: boolean;
  dustSeen: boolean;
  chainSlack: boolean;
  daysRun: string;
  complaint: string;
  /** The figure of tanks that was said to be right, however unlikely. */
  sureOf: string;
  reason: string;
}

export function outingForm(entry: Schemas['OutingEntry']): OutingForm {
  const { use } = entry;
  return {
    tag: entry.tag,
    crewId: entry.crewId,
    outAt: typedMoment(entry.outAt),
    where: entry.backAt ? 'BACK' : 'OUT',
    backAt: entry.backAt ? typedMoment(entry.backAt) : '',
    tanks: use ? String(use.tanks) : '',
    oil: use?.oilShare === undefined ? '' : String(use.oilShare),
    works: use?.works ?? [],
    woods: use?.woods ?? [],
    rain: use?.rain ?? false,
    groundStruck: use?.groundStruck ?? false,
    dustSeen: use?.dustSeen ?? false,
    chainSlack: use?.chainSlack ?? false,
    daysRun: use?.daysRun === undefined ? '' : String(use.daysRun),
    complaint: use?.complaint ?? '',
    sureOf: '',
    reason: '',
  };
}

/** The entry as it was in truth; nothing while a moment is missing. */
export function correctedOuting(
  typed: OutingForm,
  entry: Schemas['OutingEntry'],
): Schemas['CorrectedOuting'] | undefined {
  const outAt = momentTyped(typed.outAt, entry.outAt);
  const backAt = momentTyped(typed.backAt, entry.backAt);
  if (outAt === '' || (typed.where === 'BACK' && backAt === '')) return undefined;
  const truth = { tag: typed.tag.trim(), crewId: typed.crewId, outAt };
  if (typed.where === 'OUT') return truth;
  return {
    ...truth,
    back: {
      at: backAt,
      use: {
        // What is no number goes out as none, and the server says so at its field.
        tanks: numberOf(typed.tanks),
        ...(typed.oil.trim() ? { oilShare: numberOf(typed.oil) } : {}),
        works: typed.works,
        woods: typed.woods,
        rain: typed.rain,
        groundStruck: typed.groundStruck,
        dustSeen: typed.dustSeen,
        chainSlack: typed.chainSlack,
        ...(typed.daysRun.trim() ? { daysRun: numberOf(typed.daysRun) } : {}),
        ...(typed.complaint.trim() ? { complaint: typed.complaint } : {}),
        ...(typed.sureOf !== '' && typed.sureOf === typed.tanks ? { sure: true } : {}),
      },
    },
  };
}

/** Where the server names a field otherwise than the form does. */
export const OUTING_FIELDS: Partial<Record<keyof OutingForm, string>> = {
  tag: 'outing.tag',
  crewId: 'crewId',
  outAt: 'outing.outAt',
  backAt: 'outing.back.at',
  tanks: 'outing.back.use.tanks',
  oil: 'outing.back.use.oilShare',
  daysRun: 'outing.back.use.daysRun',
  complaint: 'outing.back.use.complaint',
  sureOf: 'outing.back.use.sure',
};
