import { meant } from '../../words/tags';

/** Tags as typed in a row: spaces or commas between them, each once; as the fleet writes those that it knows. */
export function tagsIn(text: string, known: readonly string[] = []): string[] {
  const typed = text.split(/[\s,;]+/).filter(Boolean);
  return [...new Set(typed.map((tag) => meant(tag, known) ?? tag))];
}
