export { contrast, FIRST_MEANINGS, INKS, meaningOf, stripesOf, textOn } from './colour'

export { distance, leastDistance, VISIONS } from './difference'

export { betterInk, freshInk, confusables, standsOut } from './telling'
