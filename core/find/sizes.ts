/** Sizes as people tell them apart, in bytes: from, and less than before. */
export const SIZE_CLASSES = {
  tiny: { name: 'under 100 KB', from: 0, before: 100_000 },
  small: { name: '100 KB to 1 MB', from: 100_000, before: 1_000_000 },
  middle: { name: '1 to 10 MB', from: 1_000_000, before: 10_000_000 },
  large: { name: '10 to 100 MB', from: 10_000_000, before: 100_000_000 },
  huge: { name: '100 MB and more', from: 100_000_000, before: null },
} as const

export type SizeClass = keyof typeof SIZE_CLASSES
export const SIZE_CLASS_NAMES = Object.keys(SIZE_CLASSES) as readonly SizeClass[]

export function isSizeClass(text: string): text is SizeClass {
  return Object.hasOwn(SIZE_CLASSES, text)
}
