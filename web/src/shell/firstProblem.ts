const WRONG = '[aria-invalid=true], [role=alert]';

/** After a refusal: the first field that is wrong takes the focus; where none is, the first sentence comes into sight. */
export function showFirstProblem(): void {
  requestAnimationFrame(() => {
    const wrong = [...document.querySelectorAll<HTMLElement>(`#main :is(${WRONG})`)].filter(
      (place) => !place.closest('[data-standing]') && place.getClientRects().length > 0,
    );
    const field = wrong.find((place) => place.matches('[aria-invalid=true]'));
    if (field) field.focus({ preventScroll: true });
    (field ?? wrong[0])?.scrollIntoView({ block: 'center' });
  });
}
