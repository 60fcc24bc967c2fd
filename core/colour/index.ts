export type { ColouredFolder } from './colour'
export { contrast, FIRST_MEANINGS, INKS, meaningOf, stripesOf, textOn } from './colour'
