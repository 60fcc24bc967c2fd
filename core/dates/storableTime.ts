/**
 * A time in UTC (ISO 8601), or null for what is none. Outside of the years 1 to 9999 PostgreSQL and JavaScript write
 * times in different ways.
 */
export function storableTime(text: string): string | null {
  const at = new Date(text)
  return Number.isNaN(at.getTime()) || at.getUTCFullYear() < 1 || at.getUTCFullYear() > 9999 ? null : at.toISOString()
}
