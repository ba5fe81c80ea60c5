/** Whether a sentence gives a danger away. `context` is the sentence, with the one before where it says “it”. */
export type Sign = (sentence: string, context: string) => boolean;

export const any =
  (...patterns: RegExp[]): Sign =>
  (sentence) =>
    patterns.some((one) => one.test(sentence));
