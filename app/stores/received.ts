// What others gave to me, and what of it is new.

import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type { ReceivedThing, Shared } from '../../contract/shared'
import { quoted } from '../../core/change/index'
import type { Link } from '../../core/formats/index'
import { tryParseId } from '../../core/ids'
import * as api from '../api/people'
import { readShared } from '../api/shared'
import { useDialogs } from './dialogs'
import { useKeeping } from './keeping'
import { useNotice } from './notice'
import type { Remote } from './remote'
import { refusalOf, remoteOf } from './remote'

/** The grant to which an address of this Hembix points; null: it leads elsewhere. */
export function grantInAddress(address: string): string | null {
  const { origin } = location
  const path = address.startsWith(`${origin}/received/`) ? address.slice(`${origin}/received/`.length) : ''
  return tryParseId(path)
}

/** What a pointer points at. Throws the refusal where it was taken back. */
export const readPointed = (grantId: string): Promise<Shared> => readShared(grantId)

export const useReceived = defineStore('received', () => {
  const [keeping, notices, dialogs] = [useKeeping(), useNotice(), useDialogs()]
  const loaded = ref<Remote<readonly ReceivedThing[]>>({ state: 'idle' })
  let request = 0

  const all = computed<readonly ReceivedThing[]>(() => (loaded.value.state === 'ready' ? loaded.value.value : []))
  const fresh = computed(() => all.value.filter(({ openedAt, muted }) => openedAt === null && !muted))

  /** What is known stays while it is asked again; only the newest answer counts. */
  async function load(): Promise<void> {
    const mine = ++request
    if (loaded.value.state !== 'ready') loaded.value = { state: 'loading' }
    try {
      const { received } = await api.readReceived()
      if (mine === request) loaded.value = { state: 'ready', value: received }
    } catch (error) {
      if (mine === request && loaded.value.state !== 'ready')
        loaded.value = { state: 'error', reason: refusalOf(error) }
    }
  }

  /** It is no longer new. */
  async function layAside(id: string): Promise<void> {
    await api.markOpened(id)
    await load()
  }

  /** Nothing of what they give is told as new, here or by mail; or it is again. */
  async function mute(giverId: string, on: boolean): Promise<void> {
    const answer = await remoteOf(api.muteGiver(giverId, on))
    if (answer.state === 'error') return notices.refuse(answer.reason)
    await load()
  }

  /** A pointer to it in a folder that is chosen, or made, now; what it points at stays theirs. */
  function filePointer({ id, name, from, note }: ReceivedThing): void {
    const remark = note === '' ? `from ${from}` : `from ${from}: ${note}`
    choosePlace({ address: `${location.origin}/received/${id}`, title: name.replace(/^[\d.]+ /, ''), remark }, () =>
      layAside(id),
    )
  }

  /** The same to what a link gives. Says why where the link opens nothing. */
  async function fileLink(secret: string): Promise<void> {
    const answer = await remoteOf(readShared(secret))
    if (answer.state === 'error') return notices.refuse(answer.reason)
    if (answer.state !== 'ready') return
    choosePlace({ address: `${location.origin}/from/${secret}`, title: answer.value.name, remark: '' })
  }

  function choosePlace(link: Link, filed: () => Promise<void> = () => Promise.resolve()): void {
    dialogs.place = {
      title: `File a pointer to ${quoted(link.title)} in`,
      suggested: [],
      answer: ([first, ...others]) =>
        void keeping.link(link, first ?? null, 'link', others).then(why => (why === null ? filed() : notices.say(why))),
    }
  }

  function forget(): void {
    request++
    loaded.value = { state: 'idle' }
  }

  return { loaded, all, fresh, load, mute, layAside, filePointer, fileLink, forget }
})
