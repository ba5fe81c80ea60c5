/** What one station measured of one response. Several values are repeats; their mean counts. */
export interface ResultCell {
  values: { id: string; value: number; corrected: boolean; piece: number | null }[];
  mean: number | null;
  /** How many pieces stand behind the mean. */
  pieces: number;
  /** Pictures that were taken, where pictures are what is asked for. */
  photos: { id: string; picture: string; piece: number | null }[];
}

/** Whether nothing was written down of it. */
export const isMissing = ({ mean, photos }: ResultCell) => mean === null && photos.length === 0;
