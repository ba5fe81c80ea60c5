import { RefusedValue, requireWithin } from '../bounds';
import { meanOf } from '../statistics';

/** One assessor's answer: how much of it (1 far too little … 3 just right … 5 far too much) and liking, 1 to 9. */
export interface JarAnswer {
  jar: number;
  liking: number;
}

export interface JarSide {
  share: number;
  /** Liking lost against those for whom it was just right; null where nobody is on one of the sides. */
  meanDrop: number | null;
  /** Share × drop: what this side costs in all. */
  penalty: number | null;
}

/** Penalty analysis of a just-about-right scale (ISO 8586; common practice counts sides of 20 % and more). */
export function jarPenalty(answers: readonly JarAnswer[]): {
  right: number;
  tooLittle: JarSide;
  tooMuch: JarSide;
} {
  if (answers.length < 2) throw new RefusedValue('answers', answers, 'at least two answers');
  answers.forEach(({ jar, liking }, i) => {
    if (!Number.isInteger(jar))
      throw new RefusedValue(`answers[${i}].jar`, jar, 'a whole number from 1 to 5');
    requireWithin(`answers[${i}].jar`, jar, 1, 5);
    requireWithin(`answers[${i}].liking`, liking, 1, 9);
  });
  const right = answers.filter((one) => one.jar === 3).map((one) => one.liking);
  const side = (members: readonly JarAnswer[]): JarSide => {
    const share = members.length / answers.length;
    if (members.length === 0 || right.length === 0) return { share, meanDrop: null, penalty: null };
    const meanDrop = meanOf(right) - meanOf(members.map((one) => one.liking));
    return { share, meanDrop, penalty: share * meanDrop };
  };
  return {
    right: right.length / answers.length,
    tooLittle: side(answers.filter((one) => one.jar < 3)),
    tooMuch: side(answers.filter((one) => one.jar > 3)),
  };
}
