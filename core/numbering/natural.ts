/** Compares as people order names: "Week 2" before "Week 10"; accents and case by the locale's rules (Unicode collation, numeric). */
export function naturalOrder(locale: string): (a: string, b: string) => number {
  return new Intl.Collator(locale, { numeric: true, sensitivity: 'variant' }).compare
}
