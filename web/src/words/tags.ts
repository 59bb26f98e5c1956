import type { Schemas } from '../api/client';

/** Tags as a person counts them: 2 before 10. The server orders the board alike. */
export const byTag = (a: { tag: string }, b: { tag: string }): number =>
  a.tag.localeCompare(b.tag, 'en', { numeric: true });

const plain = (tag: string) => tag.toLowerCase().replace(/^0+/, '');

/** The tag that was meant: 6 is 06, v6 is V6; nothing where there is none such. */
export function meant(typed: string, tags: readonly string[]): string | undefined {
  return tags.find((tag) => tag === typed) ?? tags.find((tag) => plain(tag) === plain(typed));
}

/** Every tag that hangs on a board. */
export function tagsOn(board: Schemas['Board'] | undefined): string[] {
  return board?.rails.flatMap((rail) => rail.plates.map((plate) => plate.tag)) ?? [];
}

/** So many saws are named in a line; of more, how many they are. */
const NAMED = 12;

/** Of many saws how many they are; nothing of a few, which are named. */
export const manySaws = (tags: readonly string[]): string | undefined =>
  tags.length > NAMED ? `${tags.length} saws` : undefined;

/** Several tags in one line, with commas or spaces between. */
export const tagsTyped = (text: string): string[] => text.split(/[\s,;]+/).filter(Boolean);
