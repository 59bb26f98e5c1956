const FIELD = '[aria-invalid=true]';
const SENTENCE = '[role=alert]';
/** So many pictures of the screen are waited for until the refusal stands at its field. */
const FRAMES = 30;

/** After a refusal: the first field that is wrong takes the focus; where none is, the first sentence comes into sight. */
export function showFirstProblem(): void {
  look(FRAMES);
}

function look(frames: number): void {
  const field = first(FIELD);
  if (!field && frames > 0) {
    requestAnimationFrame(() => look(frames - 1));
    return;
  }
  field?.focus({ preventScroll: true });
  (field ?? first(SENTENCE))?.scrollIntoView({ block: 'center' });
}

function first(what: string): HTMLElement | undefined {
  return [...document.querySelectorAll<HTMLElement>(`#main ${what}`)].find(
    (place) => !place.closest('[data-standing]') && place.getClientRects().length > 0,
  );
}
