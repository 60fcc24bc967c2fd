const MONTHS = [
  'january',
  'february',
  'march',
  'april',
  'may',
  'june',
  'july',
  'august',
  'september',
  'october',
  'november',
  'december',
]
const MONTH =
  '(january|february|march|april|may|june|july|august|september|october|november|december|jan|feb|mar|apr|jun|jul|aug|sept?|oct|nov|dec)\\.?'

/**
 * The first date written in a name, as sortable ISO text as far as it is known ("2026", "2026-03",
 * "2026-03-04"); null where there is none. Read are 2026-03-04, 2026-03, 4.3.2026, 4 March 2026,
 * March 2026 and 2026.
 */
export function dateIn(name: string): string | null {
  const iso = /(?<!\d)((?:19|20)\d\d)-(\d\d)(?:-(\d\d))?(?!\d)/.exec(name)
  if (iso && Number(iso[2]) >= 1 && Number(iso[2]) <= 12)
    return [iso[1], iso[2], iso[3]].filter(part => part !== undefined).join('-')
  const dotted = /(?<!\d)(\d{1,2})\.(\d{1,2})\.((?:19|20)\d\d)(?!\d)/.exec(name)
  if (dotted && Number(dotted[2]) <= 12) return `${dotted[3]}-${two(dotted[2])}-${two(dotted[1])}`
  const spelled = new RegExp(`(?:(?<!\\d)(\\d{1,2})\\s+)?\\b${MONTH}\\s+((?:19|20)\\d\\d)(?!\\d)`, 'iu').exec(name)
  if (spelled) {
    const month = MONTHS.findIndex(full => full.startsWith((spelled[2] ?? '').toLowerCase().slice(0, 3))) + 1
    return `${spelled[3]}-${two(String(month))}${spelled[1] === undefined ? '' : `-${two(spelled[1])}`}`
  }
  return /(?<!\d)(?:19|20)\d\d(?!\d)/.exec(name)?.[0] ?? null
}

const two = (part: string | undefined) => (part ?? '').padStart(2, '0')
