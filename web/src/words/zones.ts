/** Time zones to choose from, the one that holds among them whatever the browser knows. */
export function zonesWith(own: string): { value: string; label: string }[] {
  const known = Intl.supportedValuesOf('timeZone');
  const all = known.includes(own) ? known : [own, ...known];
  return all.map((zone) => ({ value: zone, label: zone.replaceAll('_', ' ') }));
}
