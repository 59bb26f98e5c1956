/** Tags as a person counts them: 2 before 10. The server orders the board alike. */
export const byTag = (a: { tag: string }, b: { tag: string }): number =>
  a.tag.localeCompare(b.tag, 'en', { numeric: true });
