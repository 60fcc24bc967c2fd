import type { Recognising, WordsReply } from '../../contract/reading'
import { documentPath } from './documentPath'
import { call } from './http'

export const readRecognising = () => call<Recognising>('GET', '/api/reading')
export const setRecognising = (recognising: boolean, languages: readonly string[] | null) =>
  call<Recognising>('PUT', '/api/reading', { body: { recognising, languages } })
/** Where the words of recognised pages stand. */
export const readWords = (id: string) => call<WordsReply>('GET', `${documentPath(id)}/words`)
