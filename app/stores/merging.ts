// What would meet what if the chosen folder were merged into another.

import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import type { MeetingReply } from '../../contract/plan'
import type { FolderId } from '../../core/ids'
import { readMeeting } from '../api/plan'
import type { Remote } from './remote'
import { refusalOf } from './remote'

export const useMerging = defineStore('merging', () => {
  const meeting = shallowRef<Remote<MeetingReply>>({ state: 'idle' })
  let request = 0

  async function look(from: FolderId, into: FolderId): Promise<void> {
    const mine = ++request
    meeting.value = { state: 'loading' }
    try {
      const value = await readMeeting(from, into)
      if (mine === request) meeting.value = { state: 'ready', value }
    } catch (error) {
      const reason = refusalOf(error)
      if (mine === request) meeting.value = { state: 'error', reason }
    }
  }

  function forget(): void {
    request++
    meeting.value = { state: 'idle' }
  }

  return { meeting, look, forget }
})
