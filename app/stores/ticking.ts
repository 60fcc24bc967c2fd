// A line of a memo's check list, ticked where the memo is read.

import { newId } from '../../contract/newId'
import { ticksIn, withTick } from '../../core/text/index'
import { readBytes } from '../api/documents'
import { sendContent } from '../api/uploads'
import { useActs } from './acts'
import { useNotice } from './notice'
import { refusalOf } from './remote'

/**
 * Ticks the line, or takes the tick off, in the memo as it is now: `index` counts its lines to tick from 0. Where the
 * memo was changed meanwhile and has another number of them, nothing is done, and that is said.
 */
export async function tickLine(id: string, index: number, count: number, isDone: boolean): Promise<void> {
  const notices = useNotice()
  try {
    const text = new TextDecoder().decode(await readBytes(id))
    if (ticksIn(text).length !== count) {
      notices.say('The memo was changed meanwhile: look at it again, then tick.')
      return
    }
    await sendContent(id, { changeId: newId(), name: 'memo.md', written: true, text: withTick(text, index, isDone) })
    await useActs().refresh()
  } catch (error) {
    notices.refuse(refusalOf(error))
  }
}
