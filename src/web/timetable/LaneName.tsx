import { left } from './drawing-scale';

/** What a lane is of, at its left. */
export function LaneName({ y, height, words }: { y: number; height: number; words: string }) {
  return (
    <text x={left - 8} y={y + height / 2 + 4} textAnchor="end" fill="var(--chakra-colors-soft)">
      {words}
    </text>
  );
}
