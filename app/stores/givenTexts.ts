// Who has what was given, and what it is, in words.

import { defineStore } from 'pinia'
import { counted } from '../../core/change/index'
import type { FolderId, GroupId, PersonId } from '../../core/ids'
import type { Grantee, GivenOut } from './given'
import { useGiven } from './given'
import { usePlaceNames } from './placeNames'

export const useGivenTexts = defineStore('givenTexts', () => {
  const [given, placeNames] = [useGiven(), usePlaceNames()]
  const sizeOf = (id: string | null) => given.groups.get(id as GroupId)?.memberIds.length ?? 0
  const personName = (id: string | null) => given.people.get(id as PersonId)?.name ?? 'somebody who is gone'

  /** "Per Aske", "Evening class (12 people)", "whoever has the link for the class". */
  function whoText(one: Grantee | GivenOut): string {
    if (one.who === 'everyone') return 'everyone with an account here'
    if (one.who === 'person') return personName(one.whoId)
    if (one.who === 'link') return `whoever has the link${'note' in one && one.note !== '' ? ` for ${one.note}` : ''}`
    const name = given.groups.get(one.whoId as GroupId)?.name ?? 'a group that is gone'
    return `${name} (${counted(sizeOf(one.whoId), 'person')})`
  }

  /** "Given with all below to Evening class (12 people) and Per Aske."; empty where only the owner may. */
  function givenText(folderId: FolderId): string {
    const names = [...new Set(given.to({ kind: 'folder', id: folderId }).map(reach => whoText(reach.given)))]
    if (names.length === 0) return ''
    return `Given with all below to ${new Intl.ListFormat('en').format(names)}.`
  }

  /** "1.1 Berth leases", or the name of the document; of what is gone, that it is. */
  function nameOf({ target, targetId, name }: Pick<GivenOut, 'target' | 'targetId' | 'name'>): string {
    if (target === 'plan') return 'the whole plan'
    return (target === 'folder' ? placeNames.placeOf(targetId as FolderId)?.text : name) ?? 'what is gone'
  }

  return { personName, whoText, givenText, nameOf }
})
