/** Sheets that pages and labels are laid out for, mm (ISO 216; ANSI/ASME Y14.1). */
export const papers = {
  A4: { widthMm: 210, heightMm: 297 },
  Letter: { widthMm: 215.9, heightMm: 279.4 },
} as const;

export type PaperName = keyof typeof papers;

export const paperNames = Object.keys(papers) as PaperName[];
