import { useEffect, useRef } from 'react';
import { useLocation } from 'react-router';

/** How long a screen may take to be fetched before nobody waits for its heading any more. */
const PATIENCE_MS = 5_000;

/** On a change of screen the focus goes to its heading, unless the screen puts it where the hand goes first. */
export function useArrival(): void {
  const { pathname } = useLocation();
  const came = useRef(pathname);
  useEffect(() => {
    if (came.current === pathname) return;
    came.current = pathname;
    const main = document.getElementById('main');
    if (!main) return;
    const arrive = () => {
      if (main.contains(document.activeElement) && document.activeElement !== main) return true;
      const heading = main.querySelector('h1');
      if (!heading) return false;
      heading.tabIndex = -1;
      heading.focus({ preventScroll: true });
      return true;
    };
    if (arrive()) return;
    const watch = new MutationObserver(() => {
      if (arrive()) watch.disconnect();
    });
    watch.observe(main, { childList: true, subtree: true });
    const enough = setTimeout(() => watch.disconnect(), PATIENCE_MS);
    return () => {
      watch.disconnect();
      clearTimeout(enough);
    };
  }, [pathname]);
}
