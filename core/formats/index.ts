export type { Readable } from './formats'
export { fileNameOf, isPicture, isReadable, isShownInPlace, mediaTypeOf, READABLE } from './formats'
export { sizeText } from './size'
