export { agoText, clockText, dateText, dayText, daysBetween, timeText } from './dates'
export { dateIn } from './dateIn'

export { datesIn, foldMonth, MONTH_OF } from './datesIn'
export { storableTime } from './storableTime'
