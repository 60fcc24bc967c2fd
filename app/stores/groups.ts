// Groups of people: making one, and who is in it.

import { defineStore } from 'pinia'
import { computed } from 'vue'
import { newId } from '../../contract/newId'
import type { PersonGroup } from '../../contract/plan'
import type { GroupId, PersonId } from '../../core/ids'
import * as api from '../api/people'
import { useActs } from './acts'
import { useGiven } from './given'
import { useReceived } from './received'
import { refusalOf } from './remote'

export interface NamedPerson {
  readonly id: PersonId
  readonly name: string
  readonly email: string
}

export const useGroups = defineStore('groups', () => {
  const [acts, given, received] = [useActs(), useGiven(), useReceived()]
  const groups = computed<readonly PersonGroup[]>(() => [...given.groups.values()])
  /** Everybody with whom one has had to do. */
  const known = computed<readonly NamedPerson[]>(() => {
    const byId = new Map(given.people)
    for (const { ownerId, from } of received.all)
      if (!byId.has(ownerId as PersonId))
        byId.set(ownerId as PersonId, { id: ownerId as PersonId, name: from, email: '' })
    return [...byId.values()].sort((a, b) => a.name.localeCompare(b.name, 'en'))
  })

  /** Whoever signs in with an address; or why nobody was found. */
  async function findPerson(email: string): Promise<{ person: NamedPerson } | { refused: string }> {
    try {
      const { id, name, email: address } = await api.findPerson(email)
      return { person: { id: id as PersonId, name, email: address } }
    } catch (error) {
      return { refused: refusalOf(error).message }
    }
  }

  const make = (name: string) => acts.act({ kind: 'group.set', id: newId<GroupId>(), name, add: [], remove: [] })
  const rename = (id: GroupId, name: string) => acts.act({ kind: 'group.set', id, name, add: [], remove: [] })
  const add = ({ id, name }: PersonGroup, person: PersonId) =>
    acts.act({ kind: 'group.set', id, name, add: [person], remove: [] })
  const remove = ({ id, name }: PersonGroup, person: PersonId) =>
    acts.act({ kind: 'group.set', id, name, add: [], remove: [person] })
  const drop = (id: GroupId) => acts.act({ kind: 'group.drop', id })

  return { groups, known, findPerson, make, rename, add, remove, drop }
})
