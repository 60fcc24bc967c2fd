export { agoText, clockText, dateText, dayText, daysBetween, timeText } from './dates'
export { dateIn } from './dateIn'
