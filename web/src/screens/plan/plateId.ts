/** By what the plate of a visit is found: a saw may be on the bench on more than one day. */
export const plateId = (tag: string, day: string) => `visit-${tag}-${day}`;
