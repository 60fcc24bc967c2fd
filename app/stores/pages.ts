// Every page there is: what the browser's title calls it, the tab it stands under, what it is for, and the keys that
// hold on it beside those that hold everywhere. A new page is a file in app/pages and an entry here, under its route.

import { shallowReactive } from 'vue'

export type TabName = 'Plan' | 'In-tray' | 'Desk' | 'Find'

export type KeyText = readonly [key: string, what: string]

export interface Page {
  /** What the title says where the page itself has nothing closer to say. */
  readonly title: string
  /** The tab that is open with it; null: none of them. */
  readonly tab: TabName | null
  /** What one does here, in a sentence. */
  readonly help: string
  readonly keys: readonly KeyText[]
}

/** The tabs, in their order, and where they lead. */
export const TABS: readonly { readonly name: TabName; readonly to: string }[] = [
  { name: 'Plan', to: '/plan' },
  { name: 'In-tray', to: '/in-tray' },
  { name: 'Desk', to: '/desk' },
  { name: 'Find', to: '/find' },
]

/** On lists of folders and documents. */
const LIST_KEYS: readonly KeyText[] = [
  ['Enter', 'open'],
  ['F2', 'rename'],
  ['M', 'move to…'],
  ['X', 'pick up; Ctrl+V, or the buttons of the dark bar, puts down where you are'],
  ['Ctrl+X, Ctrl+C', 'pick up to move, or to copy'],
  ['K', 'unpack an archive; make documents of the messages of a mailbox, or of what is attached to a message'],
  ['S', 'star, or take the star off'],
  ['G', 'show in the plan'],
  ['Delete', 'put into the Trash'],
  ['↑ ↓', 'go through a list or the outline'],
  ['Space', 'select or not'],
  ['Shift+↑ ↓', 'select a run'],
  ['Ctrl+A', 'select all'],
  ['Ctrl+Shift+A', 'select what is not selected'],
  ['letters', 'jump to a name in the In-tray and other lists'],
]

const PLAN_KEYS: readonly KeyText[] = [
  ['N', 'new folder in the open place'],
  ['U', 'add documents'],
  ['W', 'write a memo in the open folder'],
  ['L', 'keep a link in the open folder'],
  ['O', 'narrow the outline by a number or name; Enter goes there'],
  ['← →', 'close or open a branch; in a list, up to the parent'],
  ['Alt+↑ ↓', 'in the outline: place a folder before or behind its neighbour'],
  ['Alt+← →', 'in the outline: out of its parent, into the folder above'],
  ...LIST_KEYS,
]

/** Keys that hold on every page. */
export const COMMON_KEYS: readonly KeyText[] = [
  ['/', 'to the find field, from anywhere'],
  ['Ctrl+V', 'with an empty hand: what is pasted becomes a document in the open place'],
  ['Ctrl+Z', 'undo'],
  ['Ctrl+Shift+Z, Ctrl+Y', 'redo'],
  ['Esc', 'take back the last state: selection, field, dialog'],
  ['?', 'this list'],
]

/** By the name of the route, which follows the path of the file. */
export const PAGES = {
  'plan-folder': { title: 'Plan', tab: 'Plan', help: 'Build the folders, and see what lies in each.', keys: PLAN_KEYS },
  'document-id': {
    title: 'Document',
    tab: 'Plan',
    help: 'Read a document, and see everything that is known of it.',
    keys: [
      ['N, P', 'the next or previous document of the list one came from'],
      ['+ −', 'larger or smaller'],
      ['T', 'tag it'],
      ['Esc', 'back to the list'],
    ],
  },
  'memo-id': { title: 'Memo', tab: 'Plan', help: 'Write; every pause is saved.', keys: [] },
  'draft-id': {
    title: 'Draft',
    tab: 'Plan',
    help: 'Write folders as lines, see what would become of the plan, and apply it in one act.',
    keys: [],
  },
  draft: { title: 'Drafts', tab: 'Plan', help: 'Begin a draft, or go on with one.', keys: [] },
  'contents-folder': { title: 'Contents', tab: 'Plan', help: 'The folders as a list to print.', keys: [] },
  'in-tray': {
    title: 'In-tray',
    tab: 'In-tray',
    help: 'File what arrived: choose a suggested place, or any other one.',
    keys: [
      ['1, 2, 3', 'choose the suggested place of that number; with Shift, as one more place'],
      ['Enter', 'file it there'],
      ['M', 'choose another place'],
      ['← →', 'the arrival before or after'],
      ['N', 'to its name'],
      ['T', 'to its tags'],
      ['O', 'open it'],
      ['U', 'add documents'],
      ['Delete', 'put into the Trash'],
      ...LIST_KEYS.filter(([key]) => !['Enter', 'M', 'Delete'].includes(key)),
    ],
  },
  orders: {
    title: 'Standing orders',
    tab: 'In-tray',
    help: 'Say which arrivals are filed, named and tagged by themselves.',
    keys: [],
  },
  scan: {
    title: 'Scanner',
    tab: 'In-tray',
    help: 'Put scanned pages in order, and make documents of them.',
    keys: [
      ['P', 'scan a page'],
      ['U', 'add pictures as pages'],
      ['R', 'turn a page; with Shift, the other way'],
    ],
  },
  desk: { title: 'Desk', tab: 'Desk', help: 'What you starred, pinned, kept and opened last.', keys: LIST_KEYS },
  recent: { title: 'Recent', tab: 'Desk', help: 'What was opened, changed and added last.', keys: LIST_KEYS },
  'bundle-id': {
    title: 'Bundle',
    tab: 'Desk',
    help: 'Documents from anywhere, in an order of their own.',
    keys: [['Alt+↑ ↓', 'lay the document one place up or down'], ...LIST_KEYS],
  },
  find: {
    title: 'Find',
    tab: 'Find',
    help: 'Find documents by words in their name or text, and narrow by what else you remember.',
    keys: LIST_KEYS,
  },
  tags: { title: 'Tags', tab: 'Find', help: 'Rename tags, join two into one, or take them away.', keys: [] },
  history: { title: 'History', tab: null, help: 'Every change, with what it did and a way to undo it.', keys: [] },
  trash: {
    title: 'Trash',
    tab: null,
    help: 'Restore what was put here, or delete it for good.',
    keys: [
      ['R', 'restore'],
      ['Delete', 'delete for good'],
    ],
  },
  account: { title: 'Account', tab: null, help: 'Your space, your sessions, your password.', keys: [] },
  'sign-in': { title: 'Sign in', tab: null, help: 'Sign in, or make an account.', keys: [] },
  index: { title: 'Hembix', tab: null, help: 'Leads to the plan.', keys: [] },
} as const satisfies Readonly<Record<string, Page>>

/** The page of a route, by its name; undefined where there is none, as on an error. */
export function pageOf(routeName: unknown): Page | undefined {
  return new Map<unknown, Page>(Object.entries(PAGES)).get(routeName)
}

/**
 * What open pages say of where one is: "1.1 Berth leases". While one page takes the place of another there are two; the
 * one that came last counts. Pages set it by usePageTitle.
 */
export const openTitles = shallowReactive(new Map<symbol, string>())
