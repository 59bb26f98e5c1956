import { MutationCache } from '@tanstack/react-query';

const FIELD = '[aria-invalid=true]';
const SENTENCE = '[role=alert]';
const TYPED_INTO = 'input, select, textarea';
/** So many pictures of the screen are waited for until the refusal stands at its field. */
const FRAMES = 30;

/** Where the hand was when it sent what may be refused. */
let sentFrom: Element | null = null;
let typedSince = false;

/**
 * All that the screens write. After a refusal the first field that is wrong takes the focus; where none is, the first sentence comes
 * into sight. A hand that went on to another field before the answer came is left where it is: what it types must not land elsewhere.
 */
export function writesWatched(): MutationCache {
  document.addEventListener('input', () => {
    typedSince = true;
  });
  const writes = new MutationCache({
    onMutate: () => {
      sentFrom = document.activeElement;
      typedSince = false;
    },
  });
  writes.subscribe((event) => {
    // The screens were told with it: by the next picture the refusal stands at its fields, beside what was wrong before.
    if (event.type === 'updated' && event.action.type === 'error') requestAnimationFrame(() => look(FRAMES));
  });
  return writes;
}

function look(frames: number): void {
  if (handWentOn()) return;
  const field = first(FIELD);
  if (!field && frames > 0) {
    requestAnimationFrame(() => look(frames - 1));
    return;
  }
  field?.focus({ preventScroll: true });
  (field ?? first(SENTENCE))?.scrollIntoView({ block: 'center' });
}

function handWentOn(): boolean {
  const at = document.activeElement;
  return typedSince || (at !== sentFrom && at?.matches(TYPED_INTO) === true);
}

function first(what: string): HTMLElement | undefined {
  return [...document.querySelectorAll<HTMLElement>(`#main ${what}`)].find(
    (place) => !place.closest('[data-standing]') && place.getClientRects().length > 0,
  );
}
