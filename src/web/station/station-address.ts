/** Which station’s page an address is; null for any other page. */
export function stationIn(path: string): { runId: string; station: string } | null {
  const match = /^\/runs\/([^/]+)\/station\/([^/]+)\/?$/.exec(path);
  return match ? { runId: decodeURIComponent(match[1]!), station: decodeURIComponent(match[2]!) } : null;
}
