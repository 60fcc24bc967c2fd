export { contrast, FIRST_MEANINGS, INKS, meaningOf, stripesOf, textOn } from './colour'

export { ciede2000, distance, leastDistance, VISIONS } from './difference'

export { betterInk, confusables, standsOut } from './telling'
