/** What to do when the folder holds a document of the same name and type. */
export const CLASHES = ['both', 'version'] as const
export type Clash = (typeof CLASHES)[number]
