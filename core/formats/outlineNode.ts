/** A folder in a list that other programs read: in outline order, with its depth from 0. */
export interface OutlineNode {
  readonly depth: number
  readonly name: string
  readonly number: number | null
  readonly label: string | null
  readonly numbered: boolean
  readonly meaning: string | null
  readonly purpose: string
}
