import { useEventListener } from '@vueuse/core'
import { counted } from '../../core/change/index'
import type { FolderId } from '../../core/ids'
import { useDialogs } from '../stores/dialogs'
import { useHand } from '../stores/hand'
import { useLastCopy } from '../stores/lastCopy'
import { useKeeping } from '../stores/keeping'
import { isOverlayOpen, isTyping } from './useShortcuts'

const SHOWN_LENGTH = 80

/**
 * What is pasted outside of a field becomes a document in the open place; `place` gives undefined on pages that are
 * none. After documents were copied, they are put down once more; where another window was used since, it is asked
 * which is meant.
 */
export function usePasting(place: () => FolderId | null | undefined): void {
  const [keeping, hand, lastCopy, dialogs] = [useKeeping(), useHand(), useLastCopy(), useDialogs()]
  useEventListener(window, 'blur', () => {
    lastCopy.wasAway = true
  })

  useEventListener('paste', (event: ClipboardEvent) => {
    const to = place()
    if (
      event.defaultPrevented ||
      !event.clipboardData ||
      to === undefined ||
      hand.items.length > 0 ||
      isTyping(event.target) ||
      isOverlayOpen()
    )
      return
    const held = describe(event.clipboardData)
    if (lastCopy.items.length > 0 && (!lastCopy.wasAway || held === null)) void hand.putDownAgain()
    else if (lastCopy.items.length > 0 && held !== null) void ask(event.clipboardData, held, to)
    else if (!keeping.paste(event.clipboardData, to)) return
    event.preventDefault()
  })

  async function ask(clipboard: DataTransfer, held: string, to: FolderId | null): Promise<void> {
    const taken = keeping.take(clipboard) // it is empty once this event is over
    const answers = await dialogs.ask({
      label: 'What to paste',
      title: 'Paste which of the two?',
      leave: 'Paste nothing',
      parts: [
        {
          title: '',
          choices: [
            { value: 'again', title: `once more what was copied here: ${counted(lastCopy.items.length, 'thing')}` },
            { value: 'clipboard', title: `as a new document, what the clipboard holds: ${held}` },
          ],
          rows: [{ key: 'paste', name: 'Paste' }],
        },
      ],
    })
    if (answers?.get('paste') === 'again') await hand.putDownAgain()
    else if (answers) keeping.keepTaken(taken, to)
  }
}

/** What a clipboard holds, in words; null: nothing that could be pasted. */
function describe(clipboard: DataTransfer): string | null {
  if (clipboard.files.length > 0)
    return [...clipboard.files]
      .map(file => file.name)
      .join(', ')
      .slice(0, SHOWN_LENGTH)
  const text = clipboard.getData('text/plain').trim().replace(/\s+/g, ' ')
  return text === '' ? null : `“${text.length > SHOWN_LENGTH ? `${text.slice(0, SHOWN_LENGTH)}…` : text}”`
}
