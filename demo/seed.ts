// Seeds the demo plan through the same services that people's acts go through.

import { randomBytes } from 'node:crypto'
import { SECRET_BYTES } from '../core/access/index'
import type { DocumentId, FolderId, MeaningId, ShareLinkId, TagId } from '../core/ids'
import { mediaTypeOf } from '../core/formats/index'
import type { Command, NewFile } from '../core/plan/index'
import { createAccount } from '../server/services/account/createAccount'
import type { Actor } from '../server/services/actor'
import { newId } from '../server/services/actor'
import { applyCommand } from '../server/services/changes/applyCommand'
import { storeFile } from '../server/services/documents/storeFile'
import { readOutline } from '../server/services/plan/readOutline'
import { renderFile } from './files'
import type { DemoFolder, MeaningKey, Run } from './runs'
import { IN_TRAY, OUTLINE, TAGS } from './outline'
import { MEANINGS } from './runs'
import type { Paper } from './papers'
import { attendanceTable, duesTable, fill, isoDay, write } from './papers'
import { seedPeople } from './people'
import type { Random } from './random'
import { seeded } from './random'

const EMAIL = 'demo@hembix.example'
const SEED = 20_261_125
const FIRST_YEAR = 2024
const LAST_DAY = Date.UTC(2026, 10, 20)

/** Makes the demo account with its folders and documents; deterministic but for ids. */
export async function seedDemo(log: (line: string) => void): Promise<void> {
  log('making the demo plan')
  const random = seeded(SEED)
  // Nobody signs in to the demo with a password: it opens with its button.
  const actor = await createAccount(
    {
      email: EMAIL,
      password: newId() + newId(),
      planName: 'Tern Quay',
      name: 'Ida Fenn',
      isDemo: true,
      meanings: MEANINGS.map(({ name, ink, closed }) => ({ name, ink, closed })),
    },
    new Date('2024-01-08T08:00:00Z'),
  )
  const { meanings } = await readOutline(actor)
  const meaningIds = new Map(
    MEANINGS.map(({ key, name }) => [key, meanings.find(meaning => meaning.name === name)?.id]),
  )
  const plan = new Seeding(actor, random, meaningIds)
  for (const folder of OUTLINE) {
    await plan.folder(folder, null)
    log(`  ${folder.name}: ${plan.documents} documents so far`)
  }
  await plan.papers(IN_TRAY, null)
  await plan.tags()
  await plan.stars()
  await seedPeople(actor, log)
  log(`the demo plan has ${plan.folders} folders and ${plan.documents} documents`)
}

class Seeding {
  folders = 0
  documents = 0
  private readonly starred: DocumentId[] = []
  /** What was filed of each subject, to be tagged in the end. */
  private readonly filed: { readonly id: DocumentId; readonly subject: Run['subject']; readonly at: string }[] = []
  /** Acts happen minute after minute in the last week before the newest document. */
  private clock = LAST_DAY - 6 * 86_400_000

  constructor(
    private readonly actor: Actor,
    private readonly random: Random,
    private readonly meaningIds: ReadonlyMap<MeaningKey, MeaningId | undefined>,
  ) {}

  private act(command: Command): Promise<unknown> {
    this.clock += 60_000 * this.random.int(2, 40)
    return applyCommand(this.actor, newId(), command, new Date(Math.min(this.clock, LAST_DAY)), 'later')
  }

  async folder(folder: DemoFolder, parentId: FolderId | null): Promise<void> {
    const id = newId() as FolderId
    this.folders++
    await this.act({ kind: 'folder.create', id, parentId, name: folder.name, allowTwin: true })
    const meaningId = folder.meaning ? this.meaningIds.get(folder.meaning) : undefined
    if (meaningId) await this.act({ kind: 'folder.colour', id, meaningId })
    if (folder.purpose) await this.act({ kind: 'folder.describe', id, purpose: folder.purpose })
    if (folder.number !== undefined) await this.act({ kind: 'folder.number', id, number: folder.number })
    if (folder.numbering) await this.act({ kind: 'folder.numbering', id, numbering: folder.numbering })
    if (folder.link) await this.give(id, folder.link)
    if (folder.byName) await this.act({ kind: 'folder.order', id, order: 'name' })
    await this.papers(folder.papers ?? [], id)
    for (const child of folder.folders ?? []) await this.folder(child, id)
  }

  async papers(runs: readonly Run[], folderId: FolderId | null): Promise<void> {
    const files: NewFile[] = []
    for (const run of runs) {
      for (let number = 1; number <= run.count; number++) {
        const paper = this.paper(run, number)
        const bytes = await renderFile(paper)
        const { id: blobId, size } = await storeFile(this.actor.planId, bytes)
        const id = newId() as DocumentId
        if (folderId !== null) this.filed.push({ id, subject: run.subject, at: paper.date.toISOString() })
        files.push({
          id,
          versionId: newId(),
          placementId: newId(),
          fileName: `${paper.name}.${paper.format}`,
          mediaType: mediaTypeOf(paper.format),
          size,
          blobId,
          changedAt: paper.date.toISOString(),
          ...(run.origin ? { origin: run.origin } : {}),
          ...(run.sender ? { sender: run.sender } : {}),
        })
      }
    }
    if (files.length === 0) return
    await this.act({ kind: 'document.add', folderId, clash: 'both', files })
    this.documents += files.length
    const [first] = files
    if (first && folderId !== null && this.random.next() < 0.22) this.starred.push(first.id)
  }

  async tags(): Promise<void> {
    for (const { name, subject, every, most } of TAGS) {
      const newest = this.filed
        .filter(one => one.subject === subject)
        .sort((a, b) => (a.at < b.at ? 1 : -1))
        .filter((_, index) => index % every === 0)
        .slice(0, most)
      await this.act({
        kind: 'tag.put',
        folderIds: [],
        documentIds: newest.map(({ id }) => id),
        tags: [{ id: newId() as TagId, name }],
      })
    }
  }

  /**
   * A link whose address nobody knows: it shows what is given out, and opens nothing for anybody. It draws no time by
   * chance, so that all that comes after it stays as it was.
   */
  private give(id: FolderId, note: string): Promise<unknown> {
    const secret = randomBytes(SECRET_BYTES).toString('base64url')
    const link = { id: newId<ShareLinkId>(), target: 'folder', targetId: id, secret, until: null, note } as const
    const at = new Date(Math.min(this.clock, LAST_DAY))
    return applyCommand(this.actor, newId(), { kind: 'link.make', ...link }, at, 'later')
  }

  stars(): Promise<unknown> {
    return this.act({ kind: 'star', folderIds: [], documentIds: this.starred, on: true })
  }

  private paper(run: Run, number: number): Paper {
    const { random } = this
    const [from, to] = run.years ?? [FIRST_YEAR, 2026]
    const date = new Date(
      Math.min(
        LAST_DAY - random.int(0, 40) * 86_400_000,
        Date.UTC(random.int(from, to), random.int(0, 11), random.int(1, 28), random.int(7, 18), random.int(0, 59)),
      ),
    )
    const berth = String(random.int(...(run.berths ?? [1, 24])))
    const values: Record<string, string> = {
      n: run.name.startsWith('scan') ? String(30 + number).padStart(4, '0') : String(number),
      date: isoDay(date),
      berth,
      year: String(date.getUTCFullYear()),
      month: date.toLocaleString('en-GB', { month: 'long', timeZone: 'UTC' }),
      topic: random.pick(['fenders', 'the deposit', 'shore power', 'the mooring ring', 'the waiting list']),
      notice: random.pick([
        'east ladder closed',
        'ice on the planks',
        'storm gate',
        'fuel berth',
        'gas bottles',
        'life rings',
        'cables on the walkway',
      ]),
      part: random.pick(['sill beam', 'roof', 'slipway rails', 'winch', 'north wall', 'balcony']),
    }
    const put = (text: string) =>
      fill(
        text.replace(/\{(\w+)\}/g, (whole, slot: string) => values[slot] ?? whole),
        seeded(number * 7919 + berth.length + (date.getTime() % 9973)),
        date,
      )
    const format = run.formats[(number - 1) % run.formats.length] ?? 'txt'
    const paper = write(random, run.subject, {
      name: put(run.name),
      title: put(run.title),
      format,
      date,
      ...(run.length ? { length: run.length } : {}),
    })
    const needsTable = run.table ?? (format === 'xlsx' || format === 'csv' ? 'dues' : null)
    return needsTable
      ? { ...paper, table: needsTable === 'dues' ? duesTable(random, 18) : attendanceTable(random) }
      : paper
  }
}
