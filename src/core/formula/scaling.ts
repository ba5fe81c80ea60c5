import { requireWithin } from '../bounds';

/** Mass for so many stations and spares, rounded up to what the balance can weigh. */
export function scaledMass(massG: number, stations: number, spares: number, balanceG: number): number {
  requireWithin('massG', massG, 0, 1e6, 'g');
  requireWithin('stations', stations, 0, 1000);
  requireWithin('spares', spares, 0, 1000);
  requireWithin('balanceG', balanceG, 0.001, 100, 'g');
  const whole = massG * (stations + spares);
  // A hair below a whole step is that step: 0.1 + 0.2 is no reason for one more.
  return Math.ceil(whole / balanceG - 1e-9) * balanceG;
}
