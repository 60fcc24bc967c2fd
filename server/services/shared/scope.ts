// What a key opens, a link's secret or the id of a grant to whoever is signed in, and whether a folder or a document
// lies in it. Every route of what was given asks here, and gets nothing of the plan but what it says.

import { hashOfSecret, includesRole, SECRET_PATTERN, unlockedToken } from '../../../core/access/index'
import { fail } from '../../../core/errors'
import type { DocumentId, FolderId } from '../../../core/ids'
import { tryParseId } from '../../../core/ids'
import type { DocumentRow, FolderRow, Role } from '../../../core/rows/index'
import { documentById } from '../../db/sql/documentFacts'
import { placementsOf } from '../../db/sql/planRows'
import { noteGrantUse, ownGrant, receivedGrant } from '../../db/sql/received'
import { linkBySecretHash, noteLinkUse } from '../../db/sql/shareLinks'
import { roleOn } from '../access/received'
import type { Actor } from '../actor'
import type { PlanFolders } from '../plan/planFolders'
import { currentFolders } from '../plan/planFolders'

export interface Scope {
  /** As the giver, for services that are bounded by a plan; what they answer is bounded by this scope. */
  readonly giver: Actor
  readonly target: 'plan' | 'folder' | 'document'
  readonly targetId: string
  /** The folder that was given; null where a document or all of the plan was. */
  readonly top: FolderRow | null
  readonly until: string | null
  readonly note: string
  /** Who reads, and from whom they have it; null by a link, and for who gave it. */
  readonly viewer: { readonly person: Actor; readonly from: string } | null
  /** It is looked at by who gave it. */
  readonly isOwn: boolean
  readonly planName: string
  readonly role: Role
  readonly plan: PlanFolders
  readonly noteUse: (now: Date) => Promise<void>
}

/**
 * `person`: who is signed in, if anybody; `unlocked`: what unlockLink gave. Throws link.passphrase where a link asks
 * for one, link.gone or grant.gone where the key opens nothing: never made, ended, over, for somebody else, or what it
 * gave is gone.
 */
export async function scopeOf(key: string, person: Actor | null, unlocked: string | null, now: Date): Promise<Scope> {
  const scope = await (SECRET_PATTERN.test(key) ? byLink(key, unlocked, now) : byGrant(key, person, now))
  const gone = scope.viewer || scope.isOwn ? 'grant.gone' : 'link.gone'
  if (scope.target === 'folder' && scope.top?.trashedAt !== null) return fail(gone)
  if (scope.target !== 'document') return scope
  const document = await documentById(scope.giver.planId, scope.targetId)
  return document?.trashedAt === null ? scope : fail(gone)
}

async function byLink(secret: string, unlocked: string | null, now: Date): Promise<Scope> {
  const link = (await linkBySecretHash(hashOfSecret(secret), now)) ?? fail('link.gone')
  const { passphraseHash } = link
  if (passphraseHash !== null && unlocked !== unlockedToken(secret, passphraseHash)) return fail('link.passphrase')
  const { id, planId, accountId, target, targetId, until } = link
  const plan = await currentFolders(planId)
  const top = target === 'folder' ? (plan.folders.get(targetId) ?? fail('link.gone')) : null
  const noteUse = (at: Date) => noteLinkUse(planId, id, at)
  return {
    ...{
      target,
      targetId,
      until,
      plan,
      top,
      noteUse,
      note: '',
      viewer: null,
      role: 'read',
      isOwn: false,
      planName: '',
    },
    giver: { planId, accountId, email: '' },
  }
}

async function byGrant(key: string, person: Actor | null, now: Date): Promise<Scope> {
  const id = tryParseId(key) ?? fail('link.gone')
  if (!person) return fail('session.missing')
  const { accountId } = person
  const own = await ownGrant(accountId, id, now)
  const grant = own ?? (await receivedGrant(accountId, id, now)) ?? fail('grant.gone')
  const { planId, ownerId, target, targetId, until, note, from, planName } = grant
  const plan = await currentFolders(planId)
  const top = target === 'folder' ? (plan.folders.get(targetId) ?? fail('grant.gone')) : null
  // Who looks at what they gave themselves sees it as those see it, and changes nothing there.
  const role = own ? grant.role : await roleOn(grant, accountId, plan, now)
  const noteUse = (at: Date) => (own ? Promise.resolve() : noteGrantUse(planId, id, accountId, at))
  const viewer = own ? null : { person, from }
  return {
    ...{ target, targetId, until, note, plan, planName, top, noteUse, viewer, role, isOwn: own !== undefined },
    giver: { planId, accountId: ownerId, email: '' },
  }
}

/** Whether a folder is the one that was given, or lies below it; nothing is made of the plan for that. */
export function isIn({ target, top, plan }: Scope, id: string | null): boolean {
  if (target === 'plan') return plan.folders.get(id ?? '')?.trashedAt === null
  for (let at = plan.folders.get(id ?? ''); top && at?.trashedAt === null; at = plan.folders.get(at.parentId ?? ''))
    if (at.id === top.id) return true
  return false
}

/** One of its folders. Throws notFound. */
export const folderIn = (scope: Scope, id: FolderId): FolderId => (isIn(scope, id) ? id : fail('notFound'))

/** One of its documents. Throws notFound. */
export async function documentIn(scope: Scope, id: DocumentId): Promise<DocumentRow> {
  const { giver, target, targetId } = scope
  const [document, places] = await Promise.all([
    documentById(giver.planId, id),
    target === 'document' ? [] : placementsOf(null, giver.planId, [id]),
  ])
  const isInside = target === 'document' ? id === targetId : places.some(({ folderId }) => isIn(scope, folderId))
  return document?.trashedAt === null && isInside ? document : fail('notFound')
}

/** Whoever reads, as who acts in the giver's plan. Throws right.missing where the role does not allow it. */
export function actorIn({ giver, viewer, role }: Scope, wanted: Role): Actor {
  if (!viewer || !includesRole(role, wanted)) return fail('right.missing')
  return { ...viewer.person, planId: giver.planId }
}
