// A client of the routes, as another program would be one: an account of its own and its cookie.

import { createHash, randomUUID } from 'node:crypto'
import { v7 } from 'uuid'
import type { ChangeEntry } from '../../contract/change'
import type { ClientCommand } from '../../contract/command'
import type { DocumentFacts, DocumentListPage } from '../../contract/document'
import type { OutlineReply } from '../../contract/plan'
import type { ErrorCode } from '../../core/errors'
import type { DocumentId, FolderId } from '../../core/ids'
import { expectExact } from './exactReply'

export const BASE = process.env.HEMBIX_TEST_URL ?? 'http://127.0.0.1:3000'

export interface Reply<T> {
  readonly status: number
  readonly body: T
  readonly headers: Headers
}
export interface Refused {
  readonly code: ErrorCode
  readonly message: string
  readonly details: Record<string, unknown>
}

export class Client {
  cookie = ''
  constructor(readonly base = BASE) {}

  async send<T>(method: string, path: string, body?: unknown, headers: Record<string, string> = {}): Promise<Reply<T>> {
    const response = await fetch(this.base + path, {
      method,
      headers: {
        ...(this.cookie ? { cookie: this.cookie } : {}),
        ...(body === undefined ? {} : { 'content-type': 'application/json' }),
        connection: 'close',
        ...headers,
      },
      body: body === undefined ? undefined : JSON.stringify(body),
    })
    const set = response.headers.get('set-cookie')
    if (set) this.cookie = set.split(';')[0] ?? ''
    const text = await response.text()
    const parsed = (text.startsWith('{') ? JSON.parse(text) : text) as T
    if (response.ok) expectExact(method, path, parsed)
    return { status: response.status, body: parsed, headers: response.headers }
  }

  get<T>(path: string): Promise<Reply<T>> {
    return this.send<T>('GET', path)
  }

  /** Carries a command out and gives its journal entry; throws with the refusal when it is refused. */
  async act(command: ClientCommand, id = v7()): Promise<ChangeEntry> {
    const { status, body } = await this.try(command, id)
    if (status !== 200) throw new Error(`refused: ${JSON.stringify(body)}`)
    return body as ChangeEntry
  }

  try(command: ClientCommand, id = v7()): Promise<Reply<ChangeEntry | Refused>> {
    return this.send('POST', '/api/changes', { id, command })
  }

  undo(changeId: string | null = null): Promise<Reply<ChangeEntry & Refused>> {
    return this.send('POST', '/api/changes/undo', { id: v7(), changeId })
  }

  redo(): Promise<Reply<ChangeEntry & Refused>> {
    return this.send('POST', '/api/changes/redo', { id: v7() })
  }

  async folder(name: string, parentId: FolderId | null = null): Promise<FolderId> {
    const id = v7() as FolderId
    await this.act({ kind: 'folder.create', id, parentId, name, allowTwin: false })
    return id
  }

  async outline(): Promise<OutlineReply> {
    const { status, body } = await this.get<OutlineReply>('/api/plan')
    if (status !== 200) throw new Error(`/api/plan answered ${status}: ${JSON.stringify(body)}`)
    return body
  }

  async upload(
    name: string,
    bytes: Buffer | string,
    folderId: FolderId | null = null,
    more: { clash?: string; changed?: string; id?: string } = {},
  ): Promise<Reply<ChangeEntry & Refused> & { id: DocumentId }> {
    const id = (more.id ?? v7()) as DocumentId
    const query = new URLSearchParams({
      change: v7(),
      document: id,
      folder: folderId ?? 'in-tray',
      name,
      changed: more.changed ?? '2026-03-04T05:06:07.000Z',
      clash: more.clash ?? 'both',
    })
    const response = await fetch(`${this.base}/api/uploads?${query.toString()}`, {
      method: 'POST',
      headers: { cookie: this.cookie, 'content-type': 'application/octet-stream', connection: 'close' },
      body: typeof bytes === 'string' ? bytes : new Uint8Array(bytes),
    })
    const reply = (await response.json()) as ChangeEntry & Refused
    if (response.ok) expectExact('POST', '/api/uploads', reply)
    return { id, status: response.status, headers: response.headers, body: reply }
  }

  async document(id: string): Promise<DocumentFacts> {
    return (await this.get<DocumentFacts>(`/api/documents/${id}`)).body
  }

  async documentsIn(folder: string, query = ''): Promise<DocumentListPage> {
    return (await this.get<DocumentListPage>(`/api/documents?folder=${folder}${query}`)).body
  }

  async content(
    id: string,
    query = '',
    headers: Record<string, string> = {},
  ): Promise<{ status: number; bytes: Buffer; headers: Headers }> {
    const response = await fetch(`${this.base}/api/documents/${id}/content${query}`, {
      headers: { cookie: this.cookie, ...headers },
    })
    return { status: response.status, bytes: Buffer.from(await response.arrayBuffer()), headers: response.headers }
  }

  /** Waits until the document's words were read, or could not be. */
  async whenRead(id: string): Promise<DocumentFacts> {
    let document = await this.document(id)
    const until = Date.now() + READ_WITHIN_MS
    while (Date.now() < until) {
      if (document.reading.state === 'read' || document.reading.state === 'failed') return document
      await new Promise(resolve => setTimeout(resolve, 50))
      document = await this.document(id)
    }
    throw new Error(`The document was not read in time; it is "${document.reading.state}".`)
  }
}

// Far more than it takes: a machine that others share may stand still for a while.
const READ_WITHIN_MS = 90_000

export const PASSWORD = 'a long enough password'

/** A client with a new account and an empty plan. */
export async function newClient(base = BASE): Promise<Client & { email: string }> {
  const client = Object.assign(new Client(base), { email: `${randomUUID()}@test.example` })
  const reply = await client.send('POST', '/api/accounts', { email: client.email, password: PASSWORD })
  if (reply.status !== 200) throw new Error(`No account could be made: ${JSON.stringify(reply.body)}`)
  return client
}

export function sha256(bytes: Buffer): string {
  return createHash('sha256').update(bytes).digest('hex')
}
