import { RefusedValue, requireWithin } from '../bounds';

/** Sag of a gel turned out of its mould, % of its height in the mould. */
export function sagPercent(heightInMouldMm: number, heightOutMm: number): number {
  requireWithin('heightInMouldMm', heightInMouldMm, 1, 1000, 'mm');
  requireWithin('heightOutMm', heightOutMm, 0, heightInMouldMm, 'mm');
  return (100 * (heightInMouldMm - heightOutMm)) / heightInMouldMm;
}

/** Specific volume of a loaf or a foam, ml/g. */
export function specificVolume(massG: number, volumeMl: number): number {
  requireWithin('massG', massG, 0.01, 100_000, 'g');
  return requireWithin('volumeMl', volumeMl, 0, 1e6, 'ml') / massG;
}

/** Spread ratio of a biscuit: width over thickness. */
export function spreadRatio(widthMm: number, thicknessMm: number): number {
  requireWithin('thicknessMm', thicknessMm, 0.1, 1000, 'mm');
  return requireWithin('widthMm', widthMm, 0.1, 10_000, 'mm') / thicknessMm;
}

/** Overrun: air beaten in, % of the volume it had; from the masses of the same volume before and after. */
export function overrunPercent(massBeforeG: number, massAfterG: number): number {
  requireWithin('massBeforeG', massBeforeG, 0.01, 100_000, 'g');
  requireWithin('massAfterG', massAfterG, 0.01, 100_000, 'g');
  if (massAfterG > massBeforeG) {
    throw new RefusedValue(
      'massAfterG',
      massAfterG,
      `at most the mass before, ${massBeforeG} g: beating takes in air`,
    );
  }
  return (100 * (massBeforeG - massAfterG)) / massAfterG;
}
