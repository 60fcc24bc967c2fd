// Acts that belong to one page. What each does is said by the page (`usePageActs`), complete by type.

export interface PageAct {
  readonly title: string
  readonly key: string
  readonly also?: readonly string[]
}

export const PAGE_ACTS = {
  'plan-folder': {
    narrow: { title: 'Narrow the outline by a number or a name', key: 'O' },
    up: { title: 'Up to the parent', key: 'ArrowLeft' },
  },
  'document-id': {
    inside: { title: 'Find inside the document', key: 'Ctrl+F' },
    next: { title: 'Next document of the list one came from', key: 'N' },
    previous: { title: 'Previous document of that list', key: 'P' },
    larger: { title: 'Larger', key: '+' },
    smaller: { title: 'Smaller', key: '-' },
    turn: { title: 'Turn it by a quarter', key: 'R' },
    back: { title: 'Back to the list', key: 'Escape' },
  },
  'in-tray': {
    first: { title: 'Choose the first suggested place', key: '1' },
    second: { title: 'Choose the second suggested place', key: '2' },
    third: { title: 'Choose the third suggested place', key: '3' },
    firstAsWell: { title: 'The first suggested place as one more', key: 'Shift+1' },
    secondAsWell: { title: 'The second suggested place as one more', key: 'Shift+2' },
    thirdAsWell: { title: 'The third suggested place as one more', key: 'Shift+3' },
    file: { title: 'File it there', key: 'Enter' },
    another: { title: 'Choose another place…', key: 'M' },
    after: { title: 'The arrival after it', key: 'ArrowRight' },
    before: { title: 'The arrival before it', key: 'ArrowLeft' },
    name: { title: 'To its name', key: 'N' },
    tags: { title: 'To its tags', key: 'T' },
    read: { title: 'Open it', key: 'O' },
    trash: { title: 'Put into Trash, and look at the next', key: 'Delete' },
  },
  scan: {
    scan: { title: 'Scan pages', key: 'P' },
    add: { title: 'Add pictures as pages', key: 'U' },
    turn: { title: 'Turn the page by a quarter', key: 'R' },
    turnBack: { title: 'Turn the page the other way', key: 'Shift+R' },
  },
  'bundle-id': {
    up: { title: 'Lay it one place up', key: 'Alt+ArrowUp' },
    down: { title: 'Lay it one place down', key: 'Alt+ArrowDown' },
  },
  trash: { restore: { title: 'Restore', key: 'R' }, purge: { title: 'Delete for good…', key: 'Delete' } },
} as const satisfies Readonly<Record<string, Readonly<Record<string, PageAct>>>>

export type PageWithActs = keyof typeof PAGE_ACTS

/** Its acts with ids under which Settings remember a changed key. */
export function pageActsOf(page: PageWithActs): readonly (PageAct & { readonly id: string; readonly name: string })[] {
  return Object.entries<PageAct>(PAGE_ACTS[page]).map(([name, act]) => ({ ...act, id: `${page}.${name}`, name }))
}
