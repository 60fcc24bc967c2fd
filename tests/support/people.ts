// People beside an owner: clients with names, and what they do in what was given to them.

import { randomUUID } from 'node:crypto'
import { v7 } from 'uuid'
import type { ClientCommand } from '../../contract/command'
import type { ReceivedThing, SharedChange } from '../../contract/shared'
import type { DocumentId, GrantId, PersonId } from '../../core/ids'
import type { Refused, Reply } from './client'
import { Client, PASSWORD } from './client'
import { expectExact } from './exactReply'

/** A client with an account of its own, by its name, and the id that others give things to. */
export class Person extends Client {
  id = '' as PersonId
  email = ''
  constructor(readonly name: string) {
    super()
  }

  async open(owner: Client): Promise<this> {
    this.email = `${randomUUID()}@test.example`
    const made = await this.send('POST', '/api/accounts', { email: this.email, name: this.name, password: PASSWORD })
    if (made.status !== 200) throw new Error(`No account could be made: ${made.status}`)
    this.id = (await owner.get<{ id: PersonId }>(`/api/people?email=${this.email}`)).body.id
    return this
  }

  async received(): Promise<ReceivedThing[]> {
    return (await this.get<{ received: ReceivedThing[] }>('/api/received')).body.received
  }

  shared<T = Refused>(key: string, path = ''): Promise<Reply<T>> {
    return this.get<T>(`/api/shared/${key}${path}`)
  }

  change(key: string, command: ClientCommand): Promise<Reply<SharedChange & Refused>> {
    return this.send('POST', `/api/shared/${key}/changes`, { id: v7(), command })
  }

  undoIn(key: string, changeId: string): Promise<Reply<SharedChange & Refused>> {
    return this.send('POST', `/api/shared/${key}/changes/undo`, { id: v7(), changeId })
  }

  async add(
    key: string,
    folder: string,
    name: string,
  ): Promise<{ status: number; id: DocumentId; body: SharedChange }> {
    const id = v7() as DocumentId
    const query = new URLSearchParams({ change: v7(), document: id, folder, name, changed: '2026-03-04T05:06:07Z' })
    const reply = await fetch(`${this.base}/api/shared/${key}/documents?${query.toString()}`, {
      method: 'POST',
      headers: { cookie: this.cookie, 'content-type': 'application/octet-stream' },
      body: `what ${this.name} wrote`,
    })
    const body = (await reply.json()) as SharedChange
    if (reply.ok) expectExact('POST', `/api/shared/${key}/documents`, body)
    return { status: reply.status, id, body }
  }
}

/** The one to whom something is given; null: everyone. */
export const to = (person: Person | null, id = v7()) =>
  ({ id: id as GrantId, who: person ? 'person' : 'everyone', whoId: person?.id ?? null }) as const
