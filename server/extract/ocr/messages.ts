/** What the program that recognises text is asked, and answers. */
export interface Ask { readonly id: number; readonly png: Uint8Array; readonly languages: readonly string[] }

/** A word with where it stands: left, top, right, bottom as shares of the picture. */
export interface SeenWord { readonly text: string; readonly box: readonly [number, number, number, number] }

export interface Seen {
  readonly text: string
  readonly words: readonly SeenWord[]
  /** 0 to 100, as the recogniser is sure of it. */
  readonly confidence: number
}
export type Answer = { readonly id: number; readonly seen: Seen } | { readonly id: number; readonly failed: string }
