// Under which names this server answers: a page of somebody else that points its own name here (DNS rebinding) gets
// nothing.

const LOOPBACK = new Set(['localhost', '127.0.0.1', '::1'])

/** The names of HEMBIX_NAMES, separated by commas, besides those of this machine. */
export function namesFrom(text: string | undefined): ReadonlySet<string> {
  return new Set([
    ...LOOPBACK,
    ...(text ?? '')
      .split(',')
      .map(name => name.trim().toLowerCase())
      .filter(name => name !== ''),
  ])
}

/** The name in a Host header, without its port; null where it is none (RFC 3986, section 3.2.2). */
export function nameIn(host: string | undefined): string | null {
  const match = /^(?:\[([0-9a-f:.]+)\]|([a-z0-9._-]+))(?::\d{1,5})?$/i.exec(host ?? '')
  return (match?.[1] ?? match?.[2])?.toLowerCase() ?? null
}

export function isKnownHost(host: string | undefined, names: ReadonlySet<string>): boolean {
  const name = nameIn(host)
  return name !== null && names.has(name)
}
