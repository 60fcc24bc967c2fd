// Selecting by a rectangle drawn over a list, begun where nothing can be dragged. Rows that scroll out of view
// while it is drawn stay as the rectangle last touched them.

import { useEventListener } from '@vueuse/core'
import type { Ref } from 'vue'
import { ref } from 'vue'

export interface Rectangle {
  readonly left: number
  readonly top: number
  readonly width: number
  readonly height: number
}
export interface Box {
  readonly left: number
  readonly top: number
  readonly right: number
  readonly bottom: number
}

export function touches(a: Box, b: Box): boolean {
  return a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom
}

const LEAST_MOVE = 5
const EDGE = 36
const SCROLL_STEP = 18

interface Drawing {
  readonly x: number
  readonly y: number
  readonly scrolled: number
  readonly kept: ReadonlySet<string>
  readonly hit: Set<string>
}

/**
 * `scroller` holds rows with `data-key`; `select` is told the keys that are selected while it is drawn. With
 * Ctrl or Shift held, what was selected before stays. The rectangle is given in points of the window.
 */
export function useRectangle(
  scroller: () => HTMLElement | null,
  selected: () => ReadonlySet<string>,
  select: (keys: ReadonlySet<string>) => void,
): Readonly<Ref<Rectangle | null>> {
  const shown = ref<Rectangle | null>(null)
  let drawing: Drawing | null = null

  useEventListener(document, 'pointerdown', event => {
    const host = scroller()
    const target = event.target as Element
    if (
      event.button !== 0 ||
      !host?.contains(target) ||
      target.closest('[draggable=true], a, button, input, select, textarea, label, [role=separator], [role=dialog]')
    )
      return
    const keeps = event.ctrlKey || event.metaKey || event.shiftKey
    drawing = {
      x: event.clientX,
      y: event.clientY,
      scrolled: host.scrollTop,
      kept: keeps ? selected() : new Set(),
      hit: new Set(),
    }
  })

  useEventListener(document, 'pointermove', event => {
    const host = scroller()
    if (!drawing || !host) return
    if (shown.value === null && Math.hypot(event.clientX - drawing.x, event.clientY - drawing.y) < LEAST_MOVE) return
    event.preventDefault()
    const bounds = host.getBoundingClientRect()
    if (event.clientY > bounds.bottom - EDGE) host.scrollTop += SCROLL_STEP
    else if (event.clientY < bounds.top + EDGE) host.scrollTop -= SCROLL_STEP
    const from = drawing.y - (host.scrollTop - drawing.scrolled)
    const box = {
      left: Math.min(drawing.x, event.clientX),
      right: Math.max(drawing.x, event.clientX),
      top: Math.min(from, event.clientY),
      bottom: Math.max(from, event.clientY),
    }
    shown.value = {
      left: box.left,
      top: Math.max(box.top, bounds.top),
      width: box.right - box.left,
      height: Math.min(box.bottom, bounds.bottom) - Math.max(box.top, bounds.top),
    }
    for (const row of host.querySelectorAll<HTMLElement>('[data-key]')) {
      const key = row.dataset.key ?? ''
      if (touches(box, row.getBoundingClientRect())) drawing.hit.add(key)
      else drawing.hit.delete(key)
    }
    select(new Set([...drawing.kept, ...drawing.hit]))
  })

  useEventListener(document, 'pointerup', () => {
    drawing = null
    shown.value = null
  })
  useEventListener(document, 'selectstart', event => {
    if (shown.value !== null || drawing !== null) event.preventDefault()
  })
  return shown
}
