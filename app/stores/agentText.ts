// What a browser says of itself, in words.

const BROWSERS: readonly (readonly [RegExp, string])[] = [
  [/\bEdg\//, 'Edge'],
  [/\bOPR\//, 'Opera'],
  [/\bFirefox\//, 'Firefox'],
  [/Chrom(e|ium)\//, 'Chrome or Chromium'],
  [/\bSafari\//, 'Safari'],
]
const SYSTEMS: readonly (readonly [RegExp, string])[] = [
  [/iPhone|iPad/, 'iOS'],
  [/Android/, 'Android'],
  [/Windows/, 'Windows'],
  [/Mac OS X|Macintosh/, 'macOS'],
  [/Linux/, 'Linux'],
]

/** "Firefox on Linux"; "a program" for what is no browser. */
export function agentText(agent: string): string {
  const browser = BROWSERS.find(([pattern]) => pattern.test(agent))?.[1]
  const system = SYSTEMS.find(([pattern]) => pattern.test(agent))?.[1]
  if (!browser) return agent === '' ? 'A program' : (agent.split(/[\s/]/)[0]?.slice(0, 40) ?? 'A program')
  return system ? `${browser} on ${system}` : browser
}
