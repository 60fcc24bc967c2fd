// Dates and times as the screen writes them. `now` and times are milliseconds or ISO text; days are
// those of the reader's own clock.

const DAY_MS = 86_400_000
const date = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' })
const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' })
const weekday = new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' })

/** "1 Oct 2026" */
export function dateText(iso: string): string {
  return date.format(new Date(iso))
}

/** "1 Oct 2026, 09:12" */
export function timeText(iso: string): string {
  return `${dateText(iso)}, ${clockText(iso)}`
}

/** "09:12" */
export function clockText(iso: string): string {
  return clock.format(new Date(iso))
}

/** "Today", "Yesterday", else the day in full: headings of lists by day. */
export function dayText(iso: string, now: number): string {
  const days = daysBetween(iso, now)
  return days === 0 ? 'Today' : days === 1 ? 'Yesterday' : weekday.format(new Date(iso))
}

/** "just now", "12 minutes ago", "today, 09:12", "yesterday", "3 days ago", then the date. */
export function agoText(iso: string, now: number): string {
  const minutes = Math.floor((now - Date.parse(iso)) / 60_000)
  if (minutes < 1) return 'just now'
  if (minutes < 60) return minutes === 1 ? '1 minute ago' : `${minutes} minutes ago`
  const days = daysBetween(iso, now)
  if (days === 0) return `today, ${clockText(iso)}`
  if (days === 1) return 'yesterday'
  return days < 7 ? `${days} days ago` : dateText(iso)
}

/** Whole days of the calendar between a time and now. */
export function daysBetween(iso: string, now: number): number {
  const start = (time: Date) => new Date(time.getFullYear(), time.getMonth(), time.getDate()).getTime()
  return Math.round((start(new Date(now)) - start(new Date(iso))) / DAY_MS)
}
