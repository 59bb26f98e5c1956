import { useEffect } from 'react';

const SCHEME = 'data-scheme';

/** Paper is white, whatever light the workshop has: while a page is printed it has the light scheme. */
export function usePrintsLight(): void {
  useEffect(() => {
    const root = document.documentElement;
    let before: string | null = null;
    const light = () => {
      before = root.getAttribute(SCHEME);
      root.setAttribute(SCHEME, 'light');
    };
    const again = () => {
      if (before !== null) root.setAttribute(SCHEME, before);
    };
    window.addEventListener('beforeprint', light);
    window.addEventListener('afterprint', again);
    return () => {
      window.removeEventListener('beforeprint', light);
      window.removeEventListener('afterprint', again);
    };
  }, []);
}
