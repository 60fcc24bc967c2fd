/** What is said of a folder wherever plans are written as text. */
export interface FolderFacts {
  readonly name: string
  readonly number: number | null
  /** Own text in place of the number. */
  readonly label: string | null
  /** False: left out of the numbers. */
  readonly numbered: boolean
  /** Name of the meaning; null: the colour of the parent. */
  readonly meaning: string | null
  readonly purpose: string
}

/** A folder in a list that other programs read: in outline order, with its depth from 0. */
export interface OutlineNode extends FolderFacts {
  readonly depth: number
}
