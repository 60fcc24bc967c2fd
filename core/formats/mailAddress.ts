/** "Rona Vail <rona@quay.example>": how a sender or receiver is written (RFC 5322, name-addr). */
export function mailAddressText({
  name,
  address,
}: {
  readonly name: string
  readonly address?: string | undefined
}): string {
  if (!address) return name
  return name ? `${name} <${address}>` : address
}
