/** “station 3”, “stations 1–4, 7”. */
export const stationsWords = (stations: readonly number[]): string =>
  `${stations.length === 1 ? 'station' : 'stations'} ${rangesOf(stations)}`;

/** “1–4, 7”; empty where there is none. */
export function rangesOf(numbers: readonly number[]): string {
  const sorted = [...numbers].sort((a, b) => a - b);
  const ranges: [number, number][] = [];
  for (const number of sorted) {
    const last = ranges[ranges.length - 1];
    if (last && number === last[1] + 1) last[1] = number;
    else ranges.push([number, number]);
  }
  return ranges
    .map(([from, to]) => (from === to ? String(from) : to === from + 1 ? `${from}, ${to}` : `${from}–${to}`))
    .join(', ');
}
