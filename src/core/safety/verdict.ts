/** A safety answer. Whatever is missing, guessed or extrapolated makes it “cannot-tell”, never “yes”. */
export type Verdict = 'yes' | 'no' | 'cannot-tell';
