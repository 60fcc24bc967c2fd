export type { Message, Part, Value } from './message'
export { countedThings, message, namedEach, namedThings } from './message'
export { wordMessage } from './wordMessage'
