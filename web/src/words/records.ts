import type { Schemas } from '../api/client';
import { capital, counted, momentOf } from './format';

/** Records by the tables that they stand in. */
const KINDS: Record<string, string> = {
  work_record: 'bench work',
  visit: 'a visit to the bench',
  visit_event: 'a step put into a visit',
  away: 'a saw away',
  away_word: 'what was said of a saw away',
  part_away: 'a part away',
  part_away_word: 'what was said of a part away',
  part_look: 'a look at a part that came back',
  crew_booking: 'a crew booking',
  pack_tick: 'a tick of a day pack',
  bench_minutes: 'minutes of the bench',
  plan_wish: 'a wish for the plan',
  outing: 'an outing',
  photo: 'a photo',
  past_use: 'use before it was brought in',
  refuel: 'a tank that was filled',
  set_fitting: 'a set that was fitted',
  saw_hold: 'a hold',
  hold_release: 'a release',
  fault: 'a fault',
  fault_event: 'a note on a fault',
  sharpening: 'a sharpening',
  saw: 'a saw',
  saw_event: 'a change of a saw',
  part: 'a part',
  part_event: 'a change of a part',
  model: 'a model',
  person: 'a person',
  crew: 'a crew',
  stock_item: 'an item of the stores',
  stock_move: 'a move in the stores',
  stock_order: 'an order of the stores',
  part_order: 'an order of parts',
  setting_change: 'a change of a setting',
  minutes_taken: 'a corrected estimate of minutes',
  scale_calibration: 'a calibration of the scale',
};

const WRONG: Record<Schemas['WrongKind'], string> = {
  ALTERED: 'no longer says what it said when it was sealed',
  MISSING: 'is missing',
  INSERTED: 'was added from outside: it was never sealed',
  BROKEN: 'does not follow the one before: it was altered, or others before it were removed',
};

/** One thing that is not as it was sealed, so that a person can look for it. */
export function wrongWords(wrong: Schemas['WrongView']): string {
  const at = wrong.sealedAt ? `, set ${momentOf(wrong.sealedAt)},` : '';
  const seal = wrong.n === undefined ? '' : `seal ${counted(wrong.n)}${at}`;
  if (!wrong.table) return `${capital(seal)} ${WRONG[wrong.kind]}.`;
  const what = capital(KINDS[wrong.table] ?? wrong.table.replaceAll('_', ' '));
  const saw = wrong.tag ? (wrong.table === 'saw' ? ` (${wrong.tag})` : ` on saw ${wrong.tag}`) : '';
  return `${what}${saw}${seal ? ` with ${seal}` : ''} ${WRONG[wrong.kind]}.`;
}

/** What a check found, in a sentence. */
export function checkWords(check: Schemas['SealCheckView']): string {
  return check.found === 0
    ? `All ${counted(check.records)} records are as they were sealed, checked ${momentOf(check.at)}.`
    : `${counted(check.found)} of ${counted(check.records)} records are not as they were sealed, checked ${momentOf(check.at)}.`;
}

/** What a seal on a paper is worth, in a sentence. */
export function paperWords(paper: Schemas['Paper']): string {
  switch (paper.kind) {
    case 'STANDS':
      return `These records include it${paper.at ? `: it was set ${momentOf(paper.at)}` : ''}. The check tells whether each still says what was sealed.`;
    case 'ALTERED':
      return 'These records do not match it: something recorded before it was altered.';
    case 'CUT_OFF':
      return 'These records end before it: the newest are missing here.';
  }
}

/** The size of a file as people say it. */
export function sizeWords(bytes: number): string {
  const mb = bytes / 1_000_000;
  return mb < 1 ? `${Math.ceil(bytes / 1_000)} kB` : `${mb.toFixed(mb < 10 ? 1 : 0)} MB`;
}

/** Why a backup was made, where it was not one of every day. */
export function whyWords(why: string): string {
  const form = /^before-form-(\d+)$/.exec(why)?.[1];
  return form ? `before the upgrade to form ${form}` : why.replaceAll('-', ' ');
}
