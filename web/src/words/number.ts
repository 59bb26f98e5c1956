/**
 * A figure as typed, with a point or a comma: {@code undefined} for nothing, NaN for what is no figure. JSON turns NaN into
 * nothing, and the server says at its field that a figure is needed.
 */
export function numberOf(text: string): number | undefined {
  const typed = text.trim().replace(',', '.').replace('−', '-');
  if (typed === '') return undefined;
  return /^[-+]?(\d+\.?\d*|\.\d+)$/.test(typed) ? Number(typed) : Number.NaN;
}

/** Money as typed, in cents. */
export function centsOf(text: string): number | undefined {
  const amount = numberOf(text);
  return amount === undefined ? undefined : Math.round(amount * 100);
}

/** The sentence at a field that holds something else than a figure. */
export function notANumber(text: string): string | undefined {
  return Number.isNaN(numberOf(text) ?? 0) ? 'This is not a number.' : undefined;
}
