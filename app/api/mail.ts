import type { Mailed } from '../../contract/mail'
import { call } from './http'

export const mailCopies = (request: {
  readonly change: string
  readonly documentIds: readonly string[]
  readonly to: readonly string[]
  readonly note: string
}) => call<Mailed>('POST', '/api/mail/copies', { body: request })
