/** Sheets the pages are laid out for, mm. */
export const papers = {
  A4: { widthMm: 210, heightMm: 297 },
  Letter: { widthMm: 215.9, heightMm: 279.4 },
} as const;

export type PaperName = keyof typeof papers;
