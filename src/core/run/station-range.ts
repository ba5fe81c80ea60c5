/** “1 to 12”, or the list where numbers are missing. */
export function stationRange(stations: readonly number[]): string {
  const [first, last] = [Math.min(...stations), Math.max(...stations)];
  return last - first + 1 === stations.length
    ? `a station from ${first} to ${last}`
    : `a station of ${stations.join(', ')}`;
}
