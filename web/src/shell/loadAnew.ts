const KEY = 'yellow-tally.loaded-anew';
const ONCE_IN_MS = 10_000;

/** Loads the page anew once the server answers; not again and again, where that does not help. */
export async function loadAnew(): Promise<void> {
  const before = Number(sessionStorage.getItem(KEY) ?? 0);
  if (Date.now() - before < ONCE_IN_MS) return;
  try {
    const answer = await fetch('/', { cache: 'no-store' });
    if (!answer.ok) return;
  } catch {
    return;
  }
  sessionStorage.setItem(KEY, String(Date.now()));
  window.location.reload();
}
