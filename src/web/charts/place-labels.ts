export interface PlacedLabel {
  text: string;
  y: number;
}

/** Moves labels of a vertical axis apart where they would overlap, as little as it takes, and keeps them inside. */
export function placeLabels(
  labels: readonly { text: string; at: number }[],
  gap: number,
  top: number,
  bottom: number,
): PlacedLabel[] {
  const placed = [...labels].sort((a, b) => a.at - b.at).map(({ text, at }) => ({ text, y: at }));
  for (let i = 1; i < placed.length; i += 1) {
    placed[i]!.y = Math.max(placed[i]!.y, placed[i - 1]!.y + gap);
  }
  let limit = bottom;
  for (let i = placed.length - 1; i >= 0; i -= 1) {
    placed[i]!.y = Math.max(top, Math.min(placed[i]!.y, limit));
    limit = placed[i]!.y - gap;
  }
  return placed;
}
