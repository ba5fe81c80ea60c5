/** Which page of a station’s tablet an address is; null for a page of the teacher’s. */
export type TabletPage = { kind: 'station'; runId: string; station: string } | { kind: 'join' };

export function tabletPageAt(path: string): TabletPage | null {
  if (/^\/join\/?$/.test(path)) return { kind: 'join' };
  const match = /^\/runs\/([^/]+)\/station\/([^/]+)\/?$/.exec(path);
  if (!match) return null;
  const [runId, station] = [match[1]!, match[2]!].map(decoded);
  return { kind: 'station', runId: runId!, station: station! };
}

/** Lists for a phone, ticked where there may be no network. */
export const isListPage = (path: string): boolean => /^\/(?:jobs|shopping)\/?$/.test(path);

/** An address that is half a character is taken as it stands. */
function decoded(part: string): string {
  try {
    return decodeURIComponent(part);
  } catch {
    return part;
  }
}
