import { useKeys } from './keys';

/** A key and what it does, in the words of the list of keys. */
export interface Command {
  key: string;
  does: string;
}

interface Place {
  title: string;
  keys: Record<string, Command>;
}

/** Every key of every screen: bound, printed on its button and listed from here alone. */
export const COMMANDS = {
  anywhere: {
    title: 'Anywhere',
    keys: {
      find: { key: '/', does: 'Find a saw by its tag' },
      board: { key: 'b', does: 'Board' },
      plan: { key: 'd', does: 'Plan' },
      bench: { key: 'n', does: 'Bench' },
      crews: { key: 'o', does: 'Out and back' },
      back: { key: 'k', does: 'Out and back: saws come back' },
      saws: { key: 's', does: 'Saws' },
      faults: { key: 'f', does: 'Faults' },
      stores: { key: 'p', does: 'Stores' },
      log: { key: 'l', does: 'Log' },
      settings: { key: 'g', does: 'Settings' },
      list: { key: '?', does: 'This list' },
      out: { key: 'Escape', does: 'Out of a field, so that keys work again' },
    },
  },
  complaints: {
    title: 'On the board and the list of faults',
    keys: { take: { key: 'c', does: 'Report a complaint' } },
  },
  saw: {
    title: 'On a saw',
    keys: {
      visit: { key: 'v', does: 'Start the visit, or go on with it' },
      tension: { key: 't', does: 'Tension check' },
      record: { key: 'r', does: 'Record one task' },
      sharpen: { key: 'm', does: 'Sharpen: map the loop in the vice' },
      complaint: { key: 'c', does: 'Report a complaint' },
      oiling: { key: 'i', does: 'Oiling' },
      edit: { key: 'e', does: 'Edit the saw' },
    },
  },
  newSaw: {
    title: 'Adding saws',
    keys: {
      save: { key: 'Enter', does: 'Add the saw' },
      next: { key: 'Ctrl Enter', does: 'Add it, then the next like it' },
      line: { key: 'Up Down', does: 'Another line of its past; down from the tag to the first' },
    },
  },
  plan: {
    title: 'On the plan',
    keys: {
      move: { key: 'Up Down', does: 'On a plate: hang it on the day before or after' },
      keep: { key: 'y', does: 'Keep what was tried' },
      drop: { key: 'x', does: 'Drop what was tried' },
    },
  },
  bench: {
    title: 'At the bench',
    keys: {
      fine: { key: '1', does: 'Fine' },
      attend: { key: '2', does: 'Needs work' },
      fail: { key: '3', does: 'Fail' },
      next: { key: 'Enter', does: 'Save, and on to the next step' },
      back: { key: 'Backspace', does: 'Back to the step before' },
      findings: { key: 'Q W E', does: 'Findings, as they stand on their keys' },
      vice: { key: 'm', does: 'At the sharpening: map the loop in the vice' },
      skip: { key: 'k', does: 'Skip the step, with a reason' },
      undo: { key: 'u', does: 'Take the last entry back' },
      hang: { key: 'h', does: 'At the end: sign, and hang the plate back' },
    },
  },
  finder: {
    title: 'Finding a fault',
    keys: {
      answers: { key: '1 2 3', does: 'Answers, as they stand on their keys' },
      unknown: { key: '0', does: 'Cannot tell' },
      back: { key: 'Backspace', does: 'Take the last answer back' },
      take: { key: 'Enter', does: 'The cause that stands clear becomes bench work' },
    },
  },
  vice: {
    title: 'At the vice',
    keys: {
      next: { key: 'Enter', does: 'Store the length, on to the next cutter; or: all strokes made' },
      other: { key: 'Up Down', does: 'Another cutter' },
      stroke: { key: ' ', does: 'One stroke made' },
    },
  },
  tension: {
    title: 'Tension check',
    keys: {
      fair: { key: 'f', does: 'All six conditions of a valid reading are met' },
      first: { key: 'Enter', does: 'Do what the verdict bar offers first' },
      save: { key: 'Ctrl Enter', does: 'Save the check as it is' },
      read: { key: 'r', does: 'Back to the reading' },
    },
  },
} as const satisfies Record<string, Place>;

type Places = typeof COMMANDS;

/** Binds keys of one place while its screen is open. */
export function useCommands<P extends keyof Places>(
  place: P,
  acts: Partial<Record<keyof Places[P]['keys'], () => void>>,
): void {
  const keys: Record<string, Command> = COMMANDS[place].keys;
  useKeys(
    Object.fromEntries(
      Object.entries<(() => void) | undefined>(acts).flatMap(([name, act]) => {
        const key = keys[name]?.key;
        return key && act ? [[key, act]] : [];
      }),
    ),
    place === 'anywhere',
  );
}

/** A key as it stands on a keyboard. */
export function printed(key: string): string {
  if (key === ' ') return 'Space';
  return key.length === 1 ? key.toUpperCase() : key;
}
