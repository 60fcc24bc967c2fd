// Every page there is: what the browser's title calls it, the tab it stands under, what it is for, and whose acts hold
// on it. A new page is a file in app/pages and an entry here, under its route.

import { shallowReactive } from 'vue'

export type TabName = 'Plan' | 'In-tray' | 'Desk' | 'Find'

export interface Page {
  /** What the title says where the page itself has nothing closer to say. */
  readonly title: string
  /** The tab that is open with it; null: none of them. */
  readonly tab: TabName | null
  /** What one does here, in a sentence. */
  readonly help: string
  /** Whose acts hold on it, beside its own (`PAGE_ACTS`) and those of every page. */
  readonly has?: readonly ('things' | 'place' | 'list')[]
  /** Where it is gone to; absent where that depends on what is meant. */
  readonly to?: string
}

/** The tabs, in their order, and where they lead. */
export const TABS: readonly { readonly name: TabName; readonly to: string }[] = [
  { name: 'Plan', to: '/plan' },
  { name: 'In-tray', to: '/in-tray' },
  { name: 'Desk', to: '/desk' },
  { name: 'Find', to: '/find' },
]

/** By the name of the route, which follows the path of the file. */
export const PAGES = {
  'plan-folder': {
    title: 'Plan',
    tab: 'Plan',
    help: 'Build the folders, and see what lies in each.',
    has: ['things', 'place', 'list'],
    to: '/plan',
  },
  'document-id': {
    title: 'Document',
    tab: 'Plan',
    help: 'Read a document, and see everything that is known of it.',
    has: ['things'],
  },
  'memo-id': { title: 'Memo', tab: 'Plan', help: 'Write; every pause is saved.' },
  'draft-id': {
    title: 'Draft',
    tab: 'Plan',
    help: 'Write folders as lines, see what would become of the plan, and apply it in one act.',
  },
  draft: { title: 'Drafts', tab: 'Plan', help: 'Begin a draft, or go on with one.', to: '/draft' },
  'contents-folder': { title: 'Contents', tab: 'Plan', help: 'The folders as a list to print.', to: '/contents' },
  'in-tray': {
    title: 'In-tray',
    tab: 'In-tray',
    help: 'File what arrived: choose a suggested place, or any other one.',
    has: ['things', 'place', 'list'],
    to: '/in-tray',
  },
  orders: {
    title: 'Standing orders',
    tab: 'In-tray',
    help: 'Say which arrivals are filed, named and tagged by themselves.',
    to: '/orders',
  },
  scan: {
    title: 'Scanner',
    tab: 'In-tray',
    help: 'Put scanned pages in order, and make documents of them.',
    to: '/scan',
  },
  desk: {
    title: 'Desk',
    tab: 'Desk',
    help: 'What you starred, pinned, kept and opened last.',
    has: ['things', 'list'],
    to: '/desk',
  },
  recent: {
    title: 'Recent',
    tab: 'Desk',
    help: 'What was opened, changed and added last.',
    has: ['things', 'list'],
    to: '/recent',
  },
  'bundle-id': {
    title: 'Bundle',
    tab: 'Desk',
    help: 'Documents from anywhere, in an order of their own.',
    has: ['things', 'list'],
  },
  find: {
    title: 'Find',
    tab: 'Find',
    help: 'Find documents by words in their name or text, and narrow by what else you remember.',
    has: ['things', 'list'],
    to: '/find',
  },
  tags: { title: 'Tags', tab: 'Find', help: 'Rename tags, join two into one, or take them away.', to: '/tags' },
  history: {
    title: 'History',
    tab: null,
    help: 'Every change, with what it did and a way to undo it.',
    to: '/history',
  },
  trash: {
    title: 'Trash',
    tab: null,
    help: 'Restore what was put here, or delete it for good.',
    has: ['list'],
    to: '/trash',
  },
  given: { title: 'Given out', tab: null, help: 'See what others may read or change, and take it back.', to: '/given' },
  people: { title: 'People', tab: null, help: 'Make groups, and say who is in them.', to: '/people' },
  received: { title: 'From others', tab: null, help: 'What others gave to you.', to: '/received' },
  'received-id': { title: 'From others', tab: null, help: 'Read what somebody gave to you, or work in it.' },
  'from-secret': { title: 'Given to you', tab: null, help: 'What a link lets you read.' },
  help: { title: 'Help', tab: null, help: 'What each thing is for, with a picture.', to: '/help' },
  settings: {
    title: 'Settings',
    tab: null,
    help: 'Decide how the plan is called, how it looks, and which keys do what.',
    to: '/settings',
  },
  account: { title: 'Account', tab: null, help: 'Your space, your sessions, your password.', to: '/account' },
  'sign-in': { title: 'Sign in', tab: null, help: 'Sign in, or make an account.' },
  index: { title: 'Hembix', tab: null, help: 'Leads to the plan.' },
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
