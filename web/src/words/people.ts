import type { Schemas } from '../api/client';
import { dayOf, timeOf } from './format';

/** What somebody may do, in a word. */
export const ROLES: Record<Schemas['Role'], string> = {
  OFFICER: 'Officer',
  OPERATOR: 'Operator',
  READER: 'Reader',
};

/** What a role is for, in a sentence. */
export const ROLE_MEANS: Record<Schemas['Role'], string> = {
  OFFICER: 'May do all: release saws, change limits, keep people and stores.',
  OPERATOR: 'Takes saws out and back, works at the bench, reports faults. May hold a saw, never release it.',
  READER: 'Sees everything and changes nothing.',
};

const CHANGED: Record<Schemas['PeopleEventKind'], (change: Schemas['PeopleChange']) => string> = {
  ADDED: ({ about, said }) => `${about ?? said ?? ''} added`,
  RENAMED: ({ said }) => `Renamed: ${said ?? ''}`,
  RANK: ({ about, said }) => `${about ?? ''}: ${ranks(said)}`,
  LEFT: ({ about }) => `${about ?? ''} left`,
  CAME_BACK: ({ about }) => `${about ?? ''} came back`,
  ACCESS_GIVEN: ({ about }) => `New first password for ${about ?? ''}`,
  PASSWORD_CHANGED: () => 'Own password changed',
  PIN_CHANGED: () => 'Own PIN changed',
  PIN_LOCKED: ({ about }) => `PIN of ${about ?? ''} locked: wrong too often`,
  DEVICE_NAMED: ({ said }) => `Device renamed: ${said ?? ''}`,
  DEVICE_SHARED: ({ said }) => `Device ${said ?? ''}`,
  DEVICE_FORGOTTEN: ({ said }) => `Device ${said ?? ''} forgotten`,
  FEED_MADE: () => 'Calendar address made',
  FEED_ENDED: () => 'Calendar address ended',
};

function ranks(said: string | undefined): string {
  return (said ?? '').replace(/OFFICER|OPERATOR|READER/g, (role) =>
    ROLES[role as Schemas['Role']].toLowerCase(),
  );
}

/** What changed, and by whom: a PIN is locked by whoever guessed it, who is not known. */
export function changeWords(change: Schemas['PeopleChange']): string {
  return CHANGED[change.kind](change);
}

/** Who changed it, where and when. */
export function changedBy(change: Schemas['PeopleChange']): string {
  const by = change.kind === 'PIN_LOCKED' ? '' : `${change.by}, `;
  return `${by}${change.device ? `${change.device}, ` : ''}${dayOf(change.at)} ${timeOf(change.at)}`;
}
