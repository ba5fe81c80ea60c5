/** A slab heated from both faces, a long cylinder, a sphere; all by their half thickness or radius. */
export const shapes = ['slab', 'cylinder', 'sphere'] as const;
export type Shape = (typeof shapes)[number];

/** Surface to volume ratio times half thickness: 1, 2 or 3. */
export const dimensionsOf: Record<Shape, 1 | 2 | 3> = { slab: 1, cylinder: 2, sphere: 3 };

/** What heat has to go through. */
export interface Material {
  conductivityWmK: number;
  densityKgM3: number;
  specificHeatJkgK: number;
}

/** Thermal diffusivity, m²/s. */
export function diffusivity({ conductivityWmK, densityKgM3, specificHeatJkgK }: Material): number {
  return conductivityWmK / (densityKgM3 * specificHeatJkgK);
}

/** Biot number h L / k: the resistance inside against that at the surface. */
export function biotNumber(
  heatTransferWm2K: number,
  halfThicknessM: number,
  conductivityWmK: number,
): number {
  return (heatTransferWm2K * halfThicknessM) / conductivityWmK;
}

/** Fourier number α t / L²: how far the heat has come. */
export function fourierNumber(material: Material, halfThicknessM: number, seconds: number): number {
  return (diffusivity(material) * seconds) / halfThicknessM ** 2;
}
