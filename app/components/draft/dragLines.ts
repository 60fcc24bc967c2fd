// A grip beside each line: it drags the line with everything below it, and shows where it would go.

import { gutter, GutterMarker, EditorView, ViewPlugin } from '@codemirror/view'
import { branchEnd } from '../../../core/draft/index'
import { linesIn, moveBranchTo } from './branchCommands'

class Grip extends GutterMarker {
  override toDOM(): HTMLElement {
    const grip = document.createElement('span')
    grip.className = 'grip'
    grip.textContent = '⠿'
    grip.title = 'Drag the line and what is below it'
    return grip
  }
}
const GRIP = new Grip()
const INDENT_PX = 25

interface Place {
  readonly before: number
  readonly depth: number
}

/** Where a drop at this height and this far to the right would put the branch of line `from`. */
function placeAt(view: EditorView, from: number, clientX: number, clientY: number, startX: number): Place {
  const lines = linesIn(view.state)
  const height = clientY - view.documentTop
  const block = view.lineBlockAtHeight(height)
  const line = view.state.doc.lineAt(block.from).number - 1
  const before = Math.min(
    lines.length,
    height > block.top + block.height / 2 ? view.state.doc.lineAt(block.to).number : line,
  )
  const end = branchEnd(lines, from)
  const rest = lines.filter((_, index) => index < from || index >= end)
  const at = before >= end ? before - (end - from) : Math.min(before, from)
  const [above, below] = [rest[at - 1], rest[at]]
  const wanted = (lines[from]?.depth ?? 0) + Math.round((clientX - startX) / INDENT_PX)
  const most = above ? above.depth + 1 : 0
  return { before, depth: Math.max(Math.min(below?.depth ?? 0, most), Math.min(most, wanted)) }
}

const dragging = ViewPlugin.fromClass(
  class {
    private mark: HTMLElement | null = null
    private from = -1
    private startX = 0
    private readonly move = (event: PointerEvent) => this.show(event)
    private readonly end = (event: Event) => this.finish(event)
    private readonly key = (event: KeyboardEvent) => {
      if (event.key === 'Escape') {
        event.preventDefault()
        this.from = -1
        this.finish(event)
      }
    }

    constructor(readonly view: EditorView) {}

    begin(event: PointerEvent, line: number): void {
      this.from = line
      this.startX = event.clientX
      addEventListener('pointermove', this.move)
      addEventListener('pointerup', this.end)
      addEventListener('keydown', this.key, true)
    }

    private show(event: PointerEvent): void {
      const place = placeAt(this.view, this.from, event.clientX, event.clientY, this.startX)
      const { doc } = this.view.state
      const block = place.before < doc.lines ? this.view.lineBlockAt(doc.line(place.before + 1).from) : null
      const top = (block ? block.top : this.view.lineBlockAt(doc.length).bottom) + this.view.documentTop
      this.mark ??= this.view.dom.appendChild(Object.assign(document.createElement('div'), { className: 'drop-line' }))
      const box = this.view.dom.getBoundingClientRect()
      const content = this.view.contentDOM.getBoundingClientRect()
      Object.assign(this.mark.style, {
        top: `${top - box.top - 1}px`,
        left: `${content.left - box.left + 6 + place.depth * INDENT_PX}px`,
      })
      const scroller = this.view.scrollDOM.getBoundingClientRect()
      if (event.clientY > scroller.bottom - 24) this.view.scrollDOM.scrollTop += 14
      if (event.clientY < scroller.top + 24) this.view.scrollDOM.scrollTop -= 14
    }

    private finish(event: Event): void {
      removeEventListener('pointermove', this.move)
      removeEventListener('pointerup', this.end)
      removeEventListener('keydown', this.key, true)
      const shown = this.mark !== null
      this.mark?.remove()
      this.mark = null
      if (this.from < 0 || !shown || !(event instanceof PointerEvent)) return
      const place = placeAt(this.view, this.from, event.clientX, event.clientY, this.startX)
      moveBranchTo(this.view, this.from, place.before, place.depth)
      this.view.focus()
    }

    destroy(): void {
      this.from = -1
      this.finish(new Event('end'))
    }
  },
)

export const dragLines = [
  dragging,
  gutter({
    class: 'grips',
    lineMarker: (view, line) => (view.state.doc.lineAt(line.from).text.trim() === '' ? null : GRIP),
    lineMarkerChange: update => update.docChanged,
    domEventHandlers: {
      pointerdown: (view, line, event) => {
        event.preventDefault()
        view.plugin(dragging)?.begin(event as PointerEvent, view.state.doc.lineAt(line.from).number - 1)
        return true
      },
    },
  }),
  EditorView.theme({
    '&': { position: 'relative' },
    '.grips .cm-gutterElement': {
      width: '16px',
      cursor: 'grab',
      color: 'var(--ink-3)',
      fontSize: '13px',
      touchAction: 'none',
    },
    '.drop-line': {
      position: 'absolute',
      right: '0',
      height: '2px',
      background: 'var(--act)',
      pointerEvents: 'none',
      zIndex: '5',
    },
  }),
]
