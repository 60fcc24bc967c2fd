const UNITS = ['B', 'KB', 'MB', 'GB', 'TB']

/** Bytes as people read them, in steps of 1000: "184 KB", "1.2 MB". */
export function sizeText(bytes: number): string {
  let value = bytes
  let unit = 0
  while (value >= 999.5 && unit < UNITS.length - 1) {
    value /= 1000
    unit++
  }
  const digits = unit > 1 && value < 9.95 ? 1 : 0
  return `${value.toFixed(digits)} ${UNITS[unit]}`
}
