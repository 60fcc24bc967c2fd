import type { H3Event } from 'h3'
import { SECRET_PATTERN } from '../../core/access/index'
import { tokenOf, unlockedWith } from '../http/actor'
import { keyInPath } from '../http/parse'
import { whoIs } from '../services/account/session'
import type { Scope } from '../services/shared/scope'
import { scopeOf } from '../services/shared/scope'

/** What the key in the path opens to whoever asks; who that is does not matter to a link. Throws as scopeOf does. */
export async function openScope(event: H3Event): Promise<Scope> {
  const [key, token] = [keyInPath(event), tokenOf(event)]
  const person = SECRET_PATTERN.test(key) || token === null ? null : await whoIs(token)
  return scopeOf(key, person, unlockedWith(event), new Date())
}
