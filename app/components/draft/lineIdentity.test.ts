// The editor's state alone, without a page: which line stands for which folder after every edit.

import { history, redo, undo } from '@codemirror/commands'
import type { TransactionSpec } from '@codemirror/state'
import { EditorState } from '@codemirror/state'
import type { EditorView } from '@codemirror/view'
import { describe, expect, it } from 'vitest'
import type { FolderId } from '../../../core/ids'
import {
  indentBranch,
  insertLines,
  linesIn,
  moveBranchDown,
  moveBranchTo,
  moveBranchUp,
  outdentBranch,
  pasteOutline,
} from './branchCommands'
import { identities, lineIdentity, setIdentities } from './lineIdentity'

const TEXT = 'Office\n\tLeases\n\tDues\nClass\n\tHandouts\nStudy'

/** As much of a view as the commands use. */
class View {
  state: EditorState
  constructor(text = TEXT) {
    const ids = text.split('\n').map(line => line.trim() as FolderId)
    this.state = EditorState.create({ doc: text, extensions: [lineIdentity, history()] }).update({
      effects: setIdentities.of(ids),
    }).state
  }

  dispatch = (...specs: TransactionSpec[]) => {
    this.state = this.state.update(...specs).state
  }
  at(line: number, column = 0): this {
    this.dispatch({ selection: { anchor: this.state.doc.line(line).from + column } })
    return this
  }
  get view(): EditorView {
    return this as unknown as EditorView
  }
  /** Each line with the folder it stands for, where that is not its own words. */
  get shown(): string[] {
    const ids = this.state.field(identities)
    return this.state.doc
      .toString()
      .split('\n')
      .map((line, index) => (ids[index] === line.trim() ? line : `${line} (${ids[index] ?? 'new'})`))
  }

  replace(from: number, to: number, insert: string): this {
    this.dispatch({ changes: { from, to, insert } })
    return this
  }
  line(number: number) {
    return this.state.doc.line(number)
  }
}

describe('a line keeps its folder', () => {
  it('when words are typed into it or replaced', () => {
    const view = new View()
    view.replace(view.line(2).to, view.line(2).to, ' signed')
    view.replace(view.line(4).from, view.line(4).to, 'Course')
    expect(view.shown).toEqual([
      'Office',
      '\tLeases signed (Leases)',
      '\tDues',
      'Course (Class)',
      '\tHandouts',
      'Study',
    ])
  })

  it('when lines are put in before and behind it', () => {
    const view = new View()
    view.replace(view.line(2).from, view.line(2).from, '\tNew\n')
    view.replace(view.line(6).to, view.line(6).to, '\nEnd')
    expect(view.shown).toEqual([
      'Office',
      '\tNew (new)',
      '\tLeases',
      '\tDues',
      'Class',
      '\tHandouts',
      'End (new)',
      'Study',
    ])
  })

  it('when another line is deleted, whole or as the last one', () => {
    const view = new View()
    view.replace(view.line(3).from, view.line(4).from, '')
    view.replace(view.line(4).to, view.state.doc.length, '')
    expect(view.shown).toEqual(['Office', '\tLeases', 'Class', '\tHandouts'])
  })

  it('and does not hand it to a new line that moves up', () => {
    const view = new View('Office\nClass')
    view.replace(view.line(2).to, view.line(2).to, '\nNew')
    view.replace(view.line(2).from, view.line(3).from, '')
    expect(view.shown).toEqual(['Office', 'New (new)'])
  })

  it('when it is joined to another, the first of them', () => {
    const view = new View('Office\nClass')
    view.replace(view.line(1).to, view.line(2).from, ' ')
    expect(view.shown).toEqual(['Office Class (Office)'])
  })

  it('through undo and redo', () => {
    const view = new View()
    view.replace(view.line(2).from, view.line(4).from, '')
    undo(view)
    expect(view.shown).toEqual(TEXT.split('\n'))
    redo(view)
    expect(view.shown).toEqual(['Office', 'Class', '\tHandouts', 'Study'])
  })
})

describe('branches', () => {
  it('go in and out with what is below them', () => {
    const view = new View().at(4)
    indentBranch(view.view)
    expect(view.shown).toEqual(['Office', '\tLeases', '\tDues', '\tClass', '\t\tHandouts', 'Study'])
    indentBranch(view.view)
    indentBranch(view.view)
    expect(view.line(4).text).toBe('\t\tClass')
    outdentBranch(view.view)
    outdentBranch(view.view)
    outdentBranch(view.view)
    expect(view.shown).toEqual(TEXT.split('\n'))
  })

  it('go up and down past their neighbours, and stop at the ends', () => {
    const view = new View().at(4, 2)
    moveBranchUp(view.view)
    expect(view.shown).toEqual(['Class', '\tHandouts', 'Office', '\tLeases', '\tDues', 'Study'])
    moveBranchUp(view.view)
    moveBranchDown(view.view)
    moveBranchDown(view.view)
    moveBranchDown(view.view)
    expect(view.shown).toEqual(['Office', '\tLeases', '\tDues', 'Study', 'Class', '\tHandouts'])
    expect(view.state.doc.lineAt(view.state.selection.main.head).text).toBe('Class')
  })

  it('are dropped anywhere but into themselves', () => {
    const view = new View()
    moveBranchTo(view.view, 3, 1, 1)
    expect(view.shown).toEqual(['Office', '\tClass', '\t\tHandouts', '\tLeases', '\tDues', 'Study'])
    moveBranchTo(view.view, 0, 3, 2)
    expect(view.shown[0]).toBe('Office')
  })
})

describe('outlines that are put in', () => {
  it('lie behind the line and what is below it, at its depth', () => {
    const view = new View().at(1)
    insertLines(view.view, [
      { folderId: null, depth: 0, text: 'Post' },
      { folderId: null, depth: 1, text: 'Sent' },
    ])
    expect(view.shown.slice(2, 6)).toEqual(['\tDues', 'Post (new)', '\tSent (new)', 'Class'])
  })

  it('take the place of an empty line; a single line is left to the editor', () => {
    const view = new View('Office\n').at(2)
    expect(pasteOutline(view.view, 'one line')).toBe(false)
    expect(pasteOutline(view.view, '- A\n  - B')).toBe(true)
    expect(linesIn(view.state).map(line => line.text)).toEqual(['Office', 'A', 'B'])
  })
})
