/** The network of an address: its first 24 bits (IPv4) or 64 bits (IPv6), which one subscriber usually has. */
export function networkOf(address: string): string {
  const plain = address.replace(/^::ffff:(?=\d+\.)/i, '')
  if (/^\d+\.\d+\.\d+\.\d+$/.test(plain)) return `${plain.split('.').slice(0, 3).join('.')}.0/24`
  if (!plain.includes(':')) return plain
  const [head = '', tail] = plain.toLowerCase().split('::')
  const before = head === '' ? [] : head.split(':')
  const after = tail === undefined || tail === '' ? [] : tail.split(':')
  const groups =
    tail === undefined
      ? before
      : [...before, ...Array.from({ length: Math.max(0, 8 - before.length - after.length) }, () => '0'), ...after]
  return `${groups.slice(0, 4).join(':')}::/64`
}
