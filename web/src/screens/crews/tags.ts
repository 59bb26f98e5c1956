/** Tags as typed in a row: spaces or commas between them, each once. */
export function tagsIn(text: string): string[] {
  return [...new Set(text.split(/[\s,;]+/).filter(Boolean))];
}
