// What is done with the arrivals that are chosen, by keys and by the panel: file, put elsewhere, throw away, go on.

import type { Ref } from 'vue'
import { nextTick } from 'vue'
import { useRouter } from 'vue-router'
import { counted } from '../../../core/change/index'
import { thingsOf } from '../../../core/plan/index'
import type { DocumentItem } from '../../acts/act'
import { usePageActs } from '../../acts/usePageActs'
import { useActs } from '../../stores/acts'
import { useDialogs } from '../../stores/dialogs'
import { useFiling } from '../../stores/filing'
import { useLongActs } from '../../stores/longActs'

export interface TrayInView {
  readonly targetItems: Readonly<Ref<readonly DocumentItem[]>>
  /** Called with the documents that leave the list. */
  readonly gone: (ids: readonly string[]) => void
  /** Gives the keys back to the page. */
  readonly focusPage: () => void
  readonly skip: (by: number) => void
  readonly focusName: () => void
  readonly focusTags: () => void
  readonly press: (event: KeyboardEvent) => boolean
}

/** Offers the acts of the In-tray on its page. */
export function useTrayActs(tray: TrayInView) {
  const [acts, filing, dialogs, longActs] = [useActs(), useFiling(), useDialogs(), useLongActs()]
  const router = useRouter()

  async function file(): Promise<void> {
    const ids = filing.documents.map(({ id }) => id)
    if (ids.length === 0 || longActs.busy) return
    if (!(await filing.file())) return
    tray.gone(ids)
    await nextTick()
    tray.focusPage()
  }

  function trash(): void {
    const items = tray.targetItems.value
    if (items.length === 0) return
    tray.gone(items.map(item => item.id))
    void acts.act({ kind: 'trash', ...thingsOf(items) })
  }

  function another(): void {
    const what = filing.only ? `“${filing.only.name}”` : counted(filing.documents.length, 'document')
    dialogs.place = {
      title: `File ${what} in`,
      suggested: filing.suggested.places,
      answer: ids => {
        for (const [index, id] of ids.entries()) void filing.choose(id, index > 0)
      },
    }
  }

  /** The acts of a suggested place: chosen alone, or as one more. */
  function choosing(index: number, isMore: boolean) {
    const place = () => filing.suggested.places[index]
    return {
      when: () => place() !== undefined,
      run: () => {
        const suggested = place()
        if (suggested) void filing.choose(suggested.folderId, isMore)
      },
    }
  }

  const when = () => tray.targetItems.value.length > 0
  usePageActs(
    'in-tray',
    {
      first: choosing(0, false),
      second: choosing(1, false),
      third: choosing(2, false),
      firstAsWell: choosing(0, true),
      secondAsWell: choosing(1, true),
      thirdAsWell: choosing(2, true),
      file: { when, run: file },
      another: { when, run: another },
      after: () => tray.skip(1),
      before: () => tray.skip(-1),
      name: { when, run: tray.focusName },
      tags: { when, run: tray.focusTags },
      read: { when, run: () => router.push(`/document/${tray.targetItems.value[0]?.id}`) },
      trash: { when, run: trash },
    },
    tray.press,
  )
  return { file, trash, another }
}
