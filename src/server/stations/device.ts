const systems: readonly (readonly [RegExp, string])[] = [
  [/iPad/, 'iPad'],
  [/iPhone/, 'iPhone'],
  [/Android/, 'Android'],
  [/CrOS/, 'Chromebook'],
  [/Windows/, 'Windows'],
  [/Macintosh/, 'Mac'],
  [/Linux/, 'Linux'],
];

const browsers: readonly (readonly [RegExp, string])[] = [
  [/Edg\//, 'Edge'],
  [/Firefox\/|FxiOS\//, 'Firefox'],
  [/Chrome\/|CriOS\//, 'Chrome'],
  [/Safari\//, 'Safari'],
];

/** What a tablet calls itself, in words a teacher can tell two by: “Chrome on Android”. */
export function deviceIn(userAgent: string | undefined): string {
  const named = (list: typeof systems) => list.find(([sign]) => sign.test(userAgent ?? ''))?.[1];
  const [browser, system] = [named(browsers), named(systems)];
  if (browser && system) return `${browser} on ${system}`;
  return browser ?? system ?? 'a device that does not say what it is';
}
