/** What a browser says of itself, as a person would: "Firefox on Android". Unknown ones say so. */
export function deviceWords(agent: string): string {
  const first = (pairs: readonly (readonly [RegExp, string])[]): string | undefined =>
    pairs.find(([pattern]) => pattern.test(agent))?.[1];
  const browser = first([
    [/Edg\//, 'Edge'],
    [/Firefox\//, 'Firefox'],
    [/Chrome\//, 'Chrome'],
    [/Safari\//, 'Safari'],
  ]);
  const system = first([
    [/Android/, 'Android'],
    [/iPhone/, 'iPhone'],
    [/iPad/, 'iPad'],
    [/Windows/, 'Windows'],
    [/Mac OS/, 'Mac'],
    [/Linux/, 'Linux'],
  ]);
  return browser || system ? `${browser ?? 'A browser'}${system ? ` on ${system}` : ''}` : 'Another program';
}
