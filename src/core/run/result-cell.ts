/** What one station measured of one response. Several values are repeats; their mean counts. */
export interface ResultCell {
  values: { id: string; value: number; corrected: boolean; piece: number | null }[];
  mean: number | null;
  /** How many pieces stand behind the mean. */
  pieces: number;
}
