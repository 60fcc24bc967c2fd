// Copies of a document for other people: each has one of their own in their In-tray, from whoever gave it.

import { v5 } from 'uuid'
import { namedFirst } from '../../../core/change/index'
import { fileNameOf, mediaTypeOf } from '../../../core/formats/index'
import type { DocumentId, GroupId, PersonId } from '../../../core/ids'
import { fail } from '../../../core/errors'
import { message, namedThings } from '../../../core/history/index'
import { withTransaction } from '../../db/client'
import { entryById } from '../../db/sql/journal'
import { membersOf, peopleByIds } from '../../db/sql/people'
import { lockPlan, planById, planOf } from '../../db/sql/planRows'
import { checkQuota } from '../account/quota'
import type { Actor } from '../actor'
import { newId } from '../actor'
import { applyCommand } from '../changes/applyCommand'
import { noteAct } from '../changes/noteAct'
import { openContent } from '../documents/openContent'
import { storeStream } from '../documents/storeFile'

/** Names the copy for one person within the act (RFC 9562, version 5). */
const COPIES = '0b7a2c0e-6c53-4a3f-9d5c-7b9a3d2f1e44'

const NAMED = 3

export interface CopiesRequest {
  /** The client's key of the act: with the same one nobody gets a second copy. */
  readonly change: string
  readonly to: readonly { readonly who: 'person' | 'group'; readonly whoId: string }[]
}

/**
 * As it is now. How many people have one. Throws notFound, give.areasOnly, give.nobody, quota.full where somebody has
 * no room; then those before them have theirs.
 */
export async function giveCopies(actor: Actor, id: DocumentId, { change, to }: CopiesRequest, now: Date) {
  if ((await planById(actor.planId))?.areasOnly) fail('give.areasOnly')
  const content = await openContent(actor, id, null)
  const people = await peopleOf(actor, to)
  if (people.length === 0) fail('give.nobody')
  const sender = actor.name || actor.email
  const fileName = fileNameOf(content.name, content.extension)
  for (const { id: accountId, email } of people) {
    const plan = await planOf(accountId)
    if (!plan) continue // it was deleted at this moment
    const theirs: Actor = { accountId, email, planId: plan.id }
    await checkQuota(theirs, content.size)
    const blob = await storeStream(theirs, fileName, content.read(0, content.size - 1))
    await applyCommand(
      // By whoever gave it, in the plan of whoever has it.
      { ...actor, planId: plan.id },
      v5(`${change} ${accountId}`, COPIES),
      {
        kind: 'document.add',
        folderId: null,
        clash: 'both',
        files: [
          {
            ...{ id: newId(), versionId: newId(), placementId: newId(), blobId: blob.id, size: blob.size },
            ...{ fileName, mediaType: mediaTypeOf(content.extension), changedAt: now.toISOString() },
            ...{ origin: 'colleague', sender },
          },
        ],
      },
      now,
    )
  }
  const whom = namedFirst(
    people.map(({ name }) => name),
    NAMED,
  )
  const said = message('copy.give', { to: whom, things: namedThings([], [content]) })
  await withTransaction(async transaction => {
    if (!(await lockPlan(transaction, actor.planId)) || (await entryById(transaction, actor.planId, change))) return
    await noteAct(transaction, actor, { id: change, kind: 'copy.give', said, tables: [], now })
  })
  return { people: people.length }
}

/** Each once, opened out from groups, and not the one who gives. */
async function peopleOf({ planId, accountId }: Actor, to: CopiesRequest['to']) {
  const members = await membersOf(null, planId)
  const ids = to.flatMap(({ who, whoId }) =>
    who === 'person'
      ? [whoId as PersonId]
      : members.filter(({ groupId }) => groupId === (whoId as GroupId)).map(({ personId }) => personId),
  )
  return peopleByIds(
    null,
    [...new Set(ids)].filter(id => id !== accountId),
  )
}
