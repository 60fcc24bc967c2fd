export { agoText, clockText, dateText, dayText, daysBetween, timeText } from './dates'
export { dateIn } from './dateIn'
export type { FoundDate } from './datesIn'
export { datesIn } from './datesIn'
