import type { PlacedWord } from './outcome'

export interface RecogniseTask {
  /** Path of a PNG. */
  readonly file: string
  /** Three-letter codes, the likeliest first. */
  readonly languages: readonly string[]
}

export interface Recognised {
  readonly text: string
  readonly words: readonly PlacedWord[]
  /** 0 to 100, as the engine is sure of it. */
  readonly confidence: number
}
