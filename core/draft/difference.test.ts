import { describe, expect, it } from 'vitest'
import { seeded } from '../../demo/random'
import { documentRow, EMPTY, folderRow, NOW, PLAN, sliceOf } from '../../tests/support/rows'
import { invert, tryApply } from '../change/index'
import type { State } from '../change/index'
import type { DocumentId, FolderId, MeaningId } from '../ids'
import { codedName, numberTree } from '../numbering/index'
import type { Command, WhereTo } from '../plan/index'
import { decide } from '../plan/commands/index'
import type { FolderRow, MeaningRow, PlacementRow } from '../rows/index'
import { outlineOf } from '../tree/index'
import type { DraftLine } from './index'
import {
  draftDifference,
  draftHints,
  linesOf,
  outlineText,
  parseLine,
  readOutline,
  startDraft,
  writeLine,
} from './index'

const MEANINGS: MeaningRow[] = [
  { id: 'm1' as MeaningId, name: 'Urgent', ink: '#CC6677', orderKey: 'a0', closed: false, pattern: 'full' },
]
const id = (text: string) => text as FolderId
const folder = (name: string, parentId: string | null, orderKey: string, more: Partial<FolderRow> = {}) =>
  folderRow(name, { parentId: parentId === null ? null : id(parentId), orderKey, ...more })

function stateOf(folders: readonly FolderRow[], documents: readonly [string, string | null][] = []): State {
  const placements = documents.map(([name, folderId], index): PlacementRow => ({
    id: `p${index}`,
    documentId: name as DocumentId,
    folderId: folderId === null ? null : id(folderId),
    home: true,
    first: false,
    orderKey: '',
  }))
  return {
    ...EMPTY,
    meaning: new Map(MEANINGS.map(row => [row.id, row])),
    folder: new Map(folders.map(row => [row.id, row])),
    document: new Map(documents.map(([name]) => [name, documentRow(name)])),
    placement: new Map(placements.map(row => [row.id, row])),
  }
}
const live = (state: State) => [...state.folder.values()].filter(row => row.trashedAt === null)
const presentOf = (state: State) => ({
  plan: PLAN,
  folders: live(state),
  meanings: [...state.meaning.values()],
  counts: {},
  locale: 'en',
})
const meaningName = (state: State) => (meaning: string) => state.meaning.get(meaning)?.name ?? null
let made = 0
const newId = () => `new${made++}` as never

function applied(
  state: State,
  rootId: FolderId | null,
  lines: readonly DraftLine[],
  where: WhereTo = { to: 'parent' },
) {
  const difference = draftDifference(presentOf(state), rootId, lines, newId)
  const command: Command = {
    kind: 'draft.apply',
    rootId,
    revision: 1,
    folders: difference.drafted,
    removed: difference.removed.map(row => ({ id: row.id, documents: where })),
    newMeanings: difference.newMeanings.map(meaning => ({ ...meaning, ink: '#44AA99' })),
    numbering: null,
  }
  const decision = decide(sliceOf(state), command, { now: NOW, newId, locale: 'en' })
  return { difference, decision, next: decision.ok ? tryApply(state, decision.rows) : null }
}

/** What the plan says now, as text without identity. */
function outlineOfState(state: State): string {
  return outlineText(startDraft(numberTree(PLAN, live(state), 'en').tree, meaningName(state), null))
}

const START = stateOf(
  [
    folder('Office', null, 'a0', { meaningId: 'm1' as MeaningId }),
    folder('Leases', 'Office', 'a0'),
    folder('Dues', 'Office', 'a1'),
    folder('Class', null, 'a1'),
    folder('Handouts', 'Class', 'a0'),
  ],
  [
    ['lease.txt', 'Leases'],
    ['dues.txt', 'Dues'],
    ['card.txt', 'Handouts'],
  ],
)
const startLines = (state = START) => startDraft(numberTree(PLAN, live(state), 'en').tree, meaningName(state), null)
const retext = (lines: readonly DraftLine[], from: string, to: string) =>
  lines.map(line => (line.text === from ? { ...line, text: to } : line))

describe(draftDifference, () => {
  it('finds nothing in a draft of the plan as it is', () => {
    const { difference, decision } = applied(START, null, startLines())
    expect([difference.counts.kept, difference.removed]).toEqual([5, []])
    expect(decision.ok ? 'changed' : decision.reason.code).toBe('act.nothing')
  })

  it('leaves purposes of several lines, and meanings of one name, as they are', () => {
    const twins = stateOf([
      folder('A', null, 'a0', { purpose: 'one\n\n  two', meaningId: 'm2' as MeaningId }),
      folder('B', null, 'a1', { meaningId: 'm1' as MeaningId }),
    ])
    const state: State = {
      ...twins,
      meaning: new Map([
        ...twins.meaning,
        [
          'm2',
          { id: 'm2' as MeaningId, name: 'urgent', ink: '#332288', orderKey: 'a1', closed: false, pattern: 'full' },
        ],
      ]),
    }
    expect(applied(state, null, startLines(state)).difference.counts.kept).toBe(2)
  })

  it('tells renamed, moved, renumbered, recoloured, described and new lines', () => {
    const lines = retext(startLines(), 'Leases', '#7 Leases signed [Urgent] -- only those')
    const { difference } = applied(START, null, [...lines, { folderId: null, depth: 1, text: 'Week {1..2}' }])
    expect(difference.rows.find(row => row.id === 'Leases')).toMatchObject({
      states: ['renamed', 'renumbered', 'recoloured', 'described'],
      was: '1.1 Leases',
      code: '1.7',
    })
    expect([difference.counts.new, difference.counts.kept, difference.makes.get(5)]).toEqual([2, 3, 2])
    expect(difference.rows.find(row => row.id === 'Dues')?.states).toEqual(['renumbered'])
  })

  it('keeps what is in a folder that moves, also when its line was cut and pasted', () => {
    const lines = startLines().filter(line => line.text !== 'Leases')
    const { difference, next } = applied(START, null, [...lines, { folderId: null, depth: 1, text: 'leases' }])
    expect(difference.rows.at(-1)).toMatchObject({
      id: 'Leases',
      states: ['renamed', 'moved', 'renumbered'],
      was: '1.1 Leases',
    })
    expect(next?.folder.get('Leases')?.parentId).toBe('Class')
    expect(next?.placement).toEqual(START.placement)
  })

  it('says which siblings stand elsewhere, as few as possible', () => {
    const lines = startLines()
    const swapped = [...lines.slice(0, 1), ...lines.slice(2, 3), ...lines.slice(1, 2), ...lines.slice(3)]
    const { difference, next } = applied(START, null, swapped)
    expect(difference.rows.filter(row => row.states.includes('reordered'))).toHaveLength(1)
    expect(next && outlineOfState(next)).toBe('Office [Urgent]\n\tDues\n\tLeases\nClass\n\tHandouts')
  })

  it('keeps to the branch it was begun from', () => {
    const { difference, next } = applied(START, id('Class'), readOutline('Handouts\nAttendance'))
    expect([difference.removed, difference.counts.new]).toEqual([[], 1])
    expect(next && outlineOfState(next)).toBe('Office [Urgent]\n\tLeases\n\tDues\nClass\n\tHandouts\n\tAttendance')
  })

  it('adds meanings that the key does not hold', () => {
    const { difference, next } = applied(START, null, retext(startLines(), 'Class', 'Class [Teaching]'))
    expect(difference.newMeanings).toHaveLength(1)
    expect([...(next?.meaning.values() ?? [])].map(meaning => meaning.name)).toEqual(['Urgent', 'Teaching'])
  })

  it('refuses what was compared with an earlier plan', () => {
    const { difference } = applied(START, null, startLines())
    const decision = decide(
      sliceOf(START),
      {
        kind: 'draft.apply',
        rootId: null,
        revision: 0,
        folders: difference.drafted,
        removed: [],
        newMeanings: [],
        numbering: null,
      },
      { now: NOW, newId, locale: 'en' },
    )
    expect(decision.ok || decision.reason.code).toBe('draft.stale')
  })
})

describe('documents of removed folders', () => {
  const without = startLines().filter(line => line.text !== 'Leases')
  it.each<[WhereTo, string | null, boolean]>([
    [{ to: 'parent' }, 'Office', false],
    [{ to: 'in-tray' }, null, false],
    [{ to: 'folder', folderId: id('Handouts') }, 'Handouts', false],
    [{ to: 'trash' }, 'Leases', true],
  ])('go %j', (where, folderId, trashed) => {
    const { next } = applied(START, null, without, where)
    expect(next?.placement.get('p0')).toMatchObject({ folderId, home: true })
    expect(next?.document.get('lease.txt')?.trashRoot).toBe(trashed ? 'Leases' : null)
    expect(next?.folder.get('Leases')).toMatchObject({ trashedAt: NOW, trashRoot: 'Leases' })
  })

  it('stay where they are filed as well', () => {
    const both = stateOf(live(START), [['lease.txt', 'Leases']])
    const two: State = {
      ...both,
      placement: new Map([
        ...both.placement,
        [
          'q',
          {
            id: 'q',
            documentId: 'lease.txt' as DocumentId,
            folderId: id('Dues'),
            home: false,
            first: false,
            orderKey: '',
          },
        ],
      ]),
    }
    for (const where of [{ to: 'trash' }, { to: 'in-tray' }] as const) {
      const { next } = applied(two, null, without, where)
      expect(next?.document.get('lease.txt')?.trashedAt).toBe(null)
      expect(next?.placement.get('q')?.folderId).toBe('Dues')
    }
  })
})

describe('random drafts', () => {
  const random = seeded(2026)
  const NAMES = ['Alpha', 'Beta', 'Gamma', 'Delta', 'Week 1', 'Week 2', 'Papers']

  function randomState(): State {
    const count = random.int(2, 14)
    const folders: FolderRow[] = []
    for (let index = 0; index < count; index++) {
      const parent = random.next() < 0.35 || index === 0 ? null : random.pick(folders).id
      folders.push(
        folder(`${random.pick(NAMES)} ${index}`, parent, `a${String.fromCharCode(65 + random.int(0, 25))}${index}V`, {
          number: random.next() < 0.15 ? 40 + index : null,
          numbered: random.next() > 0.1,
          meaningId: random.next() < 0.2 ? ('m1' as MeaningId) : null,
        }),
      )
    }
    return stateOf(
      folders,
      folders.map((row, index) => [`d${index}`, random.next() < 0.2 ? null : row.id]),
    )
  }

  /** Renames, moves, drops, adds and shuffles lines; codes that would contradict the order are left out. */
  function randomEdit(lines: readonly DraftLine[]): DraftLine[] {
    let edited = lines.map(line => ({ ...line, text: writeLine({ ...parseLine(line.text), number: null }) }))
    for (let round = random.int(1, 6); round > 0; round--) {
      const at = random.int(0, edited.length)
      const line = edited[at]
      const kind = random.int(0, 4)
      if (kind === 0)
        edited = [
          ...edited.slice(0, at),
          { folderId: null, depth: random.int(0, 4), text: `New ${made++} [Urgent] -- why` },
          ...edited.slice(at),
        ]
      else if (line && kind === 1) edited[at] = { ...line, text: `Renamed ${made++}` }
      else if (line && kind === 2) edited = edited.filter(other => other !== line)
      else if (line && kind === 3) edited[at] = { ...line, depth: random.int(0, 4) }
      else if (line) edited = random.some(edited, edited.length)
    }
    let above = -1
    return edited.map(line => ({ ...line, depth: (above = Math.min(line.depth, above + 1)) }))
  }

  it.each([1, 2, 3, 4, 5, 6, 7, 8])(
    'give exactly the draft when applied, and exactly the plan when undone (part %i of 8)',
    () => {
      for (let round = 0; round < 50; round++) {
        const state = randomState()
        const lines = randomEdit(startLines(state))
        const { decision, difference, next } = applied(
          state,
          null,
          lines,
          random.pick([{ to: 'parent' }, { to: 'in-tray' }, { to: 'trash' }] as const),
        )
        expect(difference.faults).toEqual([])
        if (!decision.ok && decision.reason.code === 'act.nothing') continue
        if (!decision.ok || !next) throw new Error('The draft could not be applied.')
        const after = numberTree(PLAN, live(next), 'en')
        const wanted = [...difference.rows].map(row => row.id)
        expect(new Set(outlineOf(after.tree).map(({ folder: row }) => row.id))).toEqual(new Set(wanted))
        for (const row of difference.rows)
          expect(codedName(after.codes.get(row.id)?.code ?? '', after.tree.byId.get(row.id)?.name ?? '')).toBe(
            codedName(row.code, row.name),
          )
        // Where every folder is numbered in order, the outline reads line by line as the draft.
        const reads = difference.drafted.every(row => row.numbered) ? outlineOfState(next) : outlineText(lines)
        expect(reads).toBe(outlineText(lines))
        for (const row of next.document.values()) {
          const places = [...next.placement.values()].filter(place => place.documentId === row.id)
          expect(
            places.some(
              place =>
                row.trashedAt !== null ||
                place.folderId === null ||
                next.folder.get(place.folderId)?.trashedAt === null,
            ),
          ).toBe(true)
        }
        expect(tryApply(next, invert(decision.rows))).toEqual(state)
      }
    },
  )
})

describe(draftHints, () => {
  const hintsOf = (text: string) =>
    draftHints(
      draftDifference(
        presentOf(START),
        null,
        linesOf(
          `${outlineText(startLines())}\n${text}`,
          startLines().map(line => line.folderId),
        ),
        newId,
      ),
      null,
    ).map(hint => [hint.kind, hint.line])

  it.each([
    ['Twice\nTwice', [['twin', 6]]],
    ['Neuer Ordner', [['generic', 5]]],
    ['Misc 2', [['generic', 5]]],
    ['A\n\tB\n\t\tC\n\t\t\tD\n\t\t\t\tE', [['deep', 9]]],
    ['#9 A\n#9 B', [['number', 6]]],
    ['X {1..30}', [['many', 5]]],
    ['Fine\n\tAlso fine', []],
  ])('reads %j', (text, hints) => expect(hintsOf(text)).toEqual(hints))

  it('names a folder of the same name elsewhere in the plan', () => {
    const hints = draftHints(
      draftDifference(presentOf(START), id('Class'), readOutline('Handouts\nDues'), newId),
      id('Class'),
    )
    expect(hints).toEqual([{ kind: 'elsewhere', line: 1, text: 'There is already 1.2 Dues.' }])
  })
})
