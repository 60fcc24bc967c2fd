// What a drop would do to the plan as it is shown, and doing it.

import type { Drop } from '../../core/drop/index'
import { decideDrop } from '../../core/drop/index'
import type { FolderId } from '../../core/ids'
import { useActs } from '../stores/acts'
import { useDialogs } from '../stores/dialogs'
import { useHand } from '../stores/hand'
import { useNotice } from '../stores/notice'
import { usePlan } from '../stores/plan'
import type { Dragged, HeldOn } from './useDrag'
import { usePlacing } from './usePlacing'

export function useDropping() {
  const [plan, acts, dialogs, hand, notice, placing] = [
    usePlan(),
    useActs(),
    useDialogs(),
    useHand(),
    useNotice(),
    usePlacing(),
  ]

  function decide(dragged: Dragged, held: HeldOn | null, asWell: boolean): Drop {
    if (!plan.reply) return { kind: 'refused', why: 'nowhere' }
    const facts = { plan: plan.reply.plan, tree: plan.tree, numbered: plan.numbered, locale: 'en' }
    if (held?.kind !== 'folder') return decideDrop(dragged, held, { asWell }, facts)
    const place = held.zone === 'into' || held.id === null ? null : placing.beside(held.id, held.zone)
    return decideDrop(dragged, place ? { kind: 'between', place } : { kind: 'folder', id: held.id }, { asWell }, facts)
  }

  function carryOut(dragged: Dragged, drop: Drop): void {
    switch (drop.kind) {
      case 'pickUp':
        return pickUp(dragged)
      case 'place':
        return void placing.lay(dragged.folderIds, drop.at)
      case 'fileAsWell':
        return void acts.act({
          kind: 'document.file',
          documents: dragged.documentIds.map(id => ({ id, name: null })),
          folderIds: [drop.to],
          tags: [],
        })
      case 'move':
        return void move(dragged, drop.to)
      case 'gather':
        dialogs.gather = { documentIds: drop.documentIds, folderId: drop.in }
        return
      case 'refused':
        // It is said in the bottom line as well, and where no number is left renumbering is offered.
        if (drop.why === 'numbers') void placing.lay(dragged.folderIds, drop.at)
    }
  }

  function pickUp({ folderIds, documentIds, fromFolderId, name }: Dragged): void {
    const nameOf = (id: FolderId) => name || (plan.tree.byId.get(id)?.name ?? 'a folder')
    hand.pick(
      [
        ...folderIds.map(id => ({ kind: 'folder' as const, id, name: nameOf(id), fromFolderId: null })),
        ...documentIds.map(id => ({ kind: 'document' as const, id, name: name || 'a document', fromFolderId })),
      ],
      'move',
    )
  }

  async function move({ folderIds, documentIds, fromFolderId, name }: Dragged, toFolderId: FolderId | null) {
    const command = { kind: 'move', folderIds, documentIds, fromFolderId, toFolderId, allowTwin: false } as const
    const outcome = await acts.act(command, { quiet: true })
    if (outcome.ok) return
    // The same hint as in the dialog, which keeps both on a second Enter.
    if (outcome.reason.code === 'name.twin') dialogs.move = { folderIds, documentIds, fromFolderId, name }
    notice.refuse(outcome.reason)
  }

  return { decide, carryOut }
}
