// New names are worked out here, since an expression that somebody types can take for ever: the page
// ends this worker when it does.
import type { NameRules, NewName, Renamable } from '../../core/filing/index'
import { newNames } from '../../core/filing/index'

export interface NamesRequest {
  readonly documents: readonly Renamable[]
  readonly rules: NameRules
}
export type NamesAnswer = { readonly names: readonly NewName[] } | { readonly wrong: string }

self.onmessage = ({ data }: MessageEvent<NamesRequest>) => {
  let answer: NamesAnswer
  try {
    answer = { names: newNames(data.documents, data.rules, []) }
  } catch (error) {
    if (!(error instanceof SyntaxError)) throw error
    answer = { wrong: `This is no regular expression: ${error.message}` }
  }
  self.postMessage(answer)
}
