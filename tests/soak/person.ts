// One person at work in two windows: what was acknowledged is remembered, to be looked for afterwards.

import { v7 } from 'uuid'
import type { ClientCommand } from '../../contract/command'
import type { DocumentId, FolderId } from '../../core/ids'
import type { Random } from '../../demo/random'
import { Client, PASSWORD, sha256 } from '../support/client'
import type { HostileFile } from '../support/hostile/file'

export interface Tally {
  acts: number
  retries: number
  refused: number
  searches: number
  uploads: number
  undone: number
  lost: string[]
  statuses: Map<number, number>
}

export const newTally = (): Tally => ({
  acts: 0,
  retries: 0,
  refused: 0,
  searches: 0,
  uploads: 0,
  undone: 0,
  lost: [],
  statuses: new Map(),
})

interface Held {
  readonly hash: string
  folderId: FolderId | null
  starred: boolean
}

const WORDS = ['mooring', 'capstan', 'lease', 'tide', 'dues', 'pontoon', 'ledger', 'ropework', 'berth', 'inspection']
const PAUSE_MS = 250
const RETRY_MS = 300
const GIVE_UP_MS = 120_000

export class Person {
  readonly client: Client
  readonly email = `${v7()}@soak.example`
  readonly documents = new Map<DocumentId, Held>()
  readonly folders: FolderId[] = []
  private stopped = false

  constructor(
    base: string,
    private readonly random: Random,
    private readonly hostile: readonly HostileFile[],
    private readonly tally: Tally,
  ) {
    this.client = new Client(base)
  }

  stop(): void {
    this.stopped = true
  }

  async begin(): Promise<void> {
    await this.persist(async () => {
      const made = await this.client.send<{ code?: string }>('POST', '/api/accounts', {
        email: this.email,
        password: PASSWORD,
      })
      // A lost answer: the account is there already.
      return made.body.code === 'account.taken'
        ? this.client.send('POST', '/api/session', { email: this.email, password: PASSWORD })
        : made
    })
    for (const name of ['Office', 'Class', 'Boathouse']) {
      const id = v7() as FolderId
      if (await this.act({ kind: 'folder.create', id, parentId: null, name, allowTwin: true })) this.folders.push(id)
    }
  }

  /** Acts and undoes. */
  async work(): Promise<void> {
    while (!this.stopped) {
      await this.one()
      await pause(PAUSE_MS)
    }
  }

  /** Looks and searches, as in a second window, which also hears events. */
  async look(): Promise<void> {
    const second = new Client(this.client.base)
    second.cookie = this.client.cookie
    while (!this.stopped) {
      const path = this.random.pick([
        '/api/plan',
        `/api/find?q=${this.random.pick(WORDS)}`,
        `/api/find/names?q=${this.random.pick(WORDS)}`,
        `/api/documents?folder=${this.folders[0] ?? 'in-tray'}`,
        '/api/changes',
        '/api/documents?folder=in-tray',
      ])
      await this.ask(() => second.get(path))
      this.tally.searches++
      await pause(PAUSE_MS)
    }
  }

  private async one(): Promise<void> {
    const ids = [...this.documents.keys()]
    const choice = this.random.int(0, 9)
    if (ids.length < 3 || choice < 4) return this.upload()
    const some = [...new Set(Array.from({ length: this.random.int(1, 6) }, () => this.random.pick(ids)))]
    if (choice < 7) return this.move(some)
    if (choice < 8) return this.star(some)
    return this.moveAndUndo(some)
  }

  private async upload(): Promise<void> {
    const bad = this.random.int(0, 9) === 0 ? this.random.pick(this.hostile) : null
    const bytes =
      bad?.bytes ??
      Buffer.from(Array.from({ length: this.random.int(20, 4000) }, () => this.random.pick(WORDS)).join(' ') + v7())
    const [document, change, folderId] = [v7() as DocumentId, v7(), this.random.pick([...this.folders, null])]
    const query = new URLSearchParams({
      change,
      document,
      folder: folderId ?? 'in-tray',
      name: bad?.name ?? `${this.random.pick(WORDS)} ${this.documents.size}.txt`,
      changed: '2026-03-04T05:06:07.000Z',
      clash: 'both',
    })
    const done = await this.persist(() =>
      fetchReply(`${this.client.base}/api/uploads?${query.toString()}`, {
        method: 'POST',
        headers: { cookie: this.client.cookie },
        body: new Uint8Array(bytes),
      }),
    )
    if (!done) return
    this.tally.uploads++
    this.documents.set(document, { hash: sha256(bytes), folderId, starred: false })
  }

  private async move(ids: readonly DocumentId[]): Promise<void> {
    const to = this.random.pick(this.folders)
    const moved = ids.filter(id => this.documents.get(id)?.folderId !== to)
    if (moved.length === 0 || !(await this.act(moveOf(moved, to)))) return
    for (const id of moved) this.change(id, { folderId: to })
  }

  private async star(ids: readonly DocumentId[]): Promise<void> {
    if (
      ids.every(id => this.documents.get(id)?.starred) ||
      !(await this.act({ kind: 'star', folderIds: [], documentIds: [...ids], on: true }))
    )
      return
    for (const id of ids) this.change(id, { starred: true })
  }

  /** An act and its undo, by its name: afterwards all is as before. */
  private async moveAndUndo(ids: readonly DocumentId[]): Promise<void> {
    const to = this.random.pick(this.folders)
    const moved = ids.filter(id => this.documents.get(id)?.folderId !== to)
    const [act, undo] = [v7(), v7()]
    if (moved.length === 0 || !(await this.act(moveOf(moved, to), act))) return
    for (const id of moved) this.change(id, { folderId: to })
    const before = moved.map(id => [id, this.documents.get(id)] as const)
    if (await this.persist(() => this.client.send('POST', '/api/changes/undo', { id: undo, changeId: act }))) {
      this.tally.undone++
      for (const [id] of before) this.change(id, { folderId: this.earlier.get(id) ?? null })
    }
  }

  private readonly earlier = new Map<DocumentId, FolderId | null>()

  private change(id: DocumentId, more: Partial<Held>): void {
    const held = this.documents.get(id)
    if (!held) return
    if (more.folderId !== undefined) this.earlier.set(id, held.folderId)
    this.documents.set(id, { ...held, ...more })
  }

  private act(command: ClientCommand, id = v7()): Promise<boolean> {
    return this.persist(() => this.client.send('POST', '/api/changes', { id, command }))
  }

  /** Asks again under the same key until there is an answer: true when it was done, false when it was refused. */
  private async persist(send: () => Promise<{ status: number; body: unknown }>): Promise<boolean> {
    const until = Date.now() + GIVE_UP_MS
    for (;;) {
      const reply = await this.ask(send)
      if (reply !== null && reply.status < 300) {
        this.tally.acts++
        return true
      }
      if (reply !== null && reply.status < 500 && reply.status !== 429) {
        this.tally.refused++
        this.tally.lost.push(`refused: ${reply.status} ${JSON.stringify(reply.body).slice(0, 200)}`)
        return false
      }
      if (Date.now() > until) {
        this.tally.lost.push('no answer within two minutes')
        return false
      }
      this.tally.retries++
      await pause(RETRY_MS)
    }
  }

  private async ask(
    send: () => Promise<{ status: number; body: unknown }>,
  ): Promise<{ status: number; body: unknown } | null> {
    const reply = await send().catch(() => null) // the server was killed
    const status = reply?.status ?? 0
    this.tally.statuses.set(status, (this.tally.statuses.get(status) ?? 0) + 1)
    return reply
  }
}

function moveOf(documentIds: readonly DocumentId[], toFolderId: FolderId): ClientCommand {
  return {
    kind: 'move',
    folderIds: [],
    documentIds: [...documentIds],
    fromFolderId: null,
    toFolderId,
    allowTwin: true,
    also: [],
    froms: [],
  }
}

async function fetchReply(address: string, init: RequestInit): Promise<{ status: number; body: unknown }> {
  const response = await fetch(address, init)
  return { status: response.status, body: await response.text() }
}

export const pause = (ms: number): Promise<void> =>
  new Promise(resolve => {
    setTimeout(resolve, ms)
  })
