// Everything that opens a document, for the rest of the server: each in a process of its own with limits. What goes
// wrong with a document is its outcome; only a server that is being stopped, or too much waiting, is thrown.

import { availableParallelism } from 'node:os'
import type { ScanEdits } from '../../core/scan/index'
import { fail } from '../../core/errors'
import type {
  ComposedPage,
  ContentsOutcome,
  Drawn,
  MailOutcome,
  Outcome,
  RecognisedBody,
  StagedTask,
} from '../extract/outcome'
import type { IndexedText } from '../../core/text/index'
import type { Recognised } from '../extract/recognised'
import { warn } from '../log/log'
import type { Opened } from '../services/reading/openGuarded'
import type { Ending, Limits } from './childProcess'
import { ProcessEnded } from './childProcess'
import type { PoolFacts } from './processPool'
import { ProcessPool, TooManyWaiting } from './processPool'
import { programFile } from './program'
import type { Content } from './stagedFile'
import { withStagedFile } from './stagedFile'

const MEGABYTE = 1024 * 1024
// A second one even on one core, so that a document that takes its minute does not hold up all others; and one more,
// since no plan has all of them.
const BACKGROUND_SIZE = Math.max(2, availableParallelism()) + 1
const HEAP_MEGABYTES = 448

const program = () => programFile('documents.mjs')
const limits = (seconds: number, megabytes: number): Limits => ({
  timeMs: seconds * 1000,
  memoryBytes: megabytes * MEGABYTE,
})
const background = new ProcessPool({
  name: 'reading',
  program,
  niceness: 'reading',
  size: BACKGROUND_SIZE,
  limits: limits(50, 700),
  heapMegabytes: HEAP_MEGABYTES,
  idleMs: 60_000,
  waitingPerOwner: 1000,
})
const SPARE = 2
/** For what somebody waits for: not behind what is read in the background. */
const foreground = new ProcessPool({
  name: 'showing',
  program,
  size: 3,
  limits: limits(20, 700),
  heapMegabytes: HEAP_MEGABYTES,
  idleMs: 60_000,
  waitingPerOwner: 60,
  spare: SPARE,
  niceness: 'showing',
})
const recognising = new ProcessPool({
  name: 'recognising',
  program: () => programFile('recognise.mjs'),
  niceness: 'recognising',
  size: BACKGROUND_SIZE,
  limits: limits(90, 1000),
  heapMegabytes: 600,
  idleMs: 120_000,
  waitingPerOwner: 60,
})
const POOLS = [background, foreground, recognising]

/** Documents, and pages, that are worth claiming at a time. */
export const AT_ONCE = BACKGROUND_SIZE

type TaskOf<K extends StagedTask['kind']> = Omit<Extract<StagedTask, { readonly kind: K }>, 'file'>

async function open<K extends StagedTask['kind'], T>(
  pool: ProcessPool,
  owner: string,
  content: Content,
  task: TaskOf<K>,
): Promise<Opened<T>> {
  try {
    return { ended: null, outcome: (await withStagedFile(content, file => pool.run(owner, { ...task, file }))) as T }
  } catch (error) {
    if (error instanceof TooManyWaiting) return fail('server.busy')
    if (!(error instanceof ProcessEnded) || error.ending === 'stopped') throw error
    warn('a document ended its reader', { how: error.ending, detail: error.message, task: task.kind })
    return { ended: error.ending, reason: SENTENCES[error.ending] }
  }
}

const SENTENCES: Readonly<Record<Exclude<Ending, 'stopped'>, string>> = {
  time: 'It took too long to read. It may be damaged; open it where it was made and save it again.',
  memory: 'Reading it takes more memory than is allowed. Save it in smaller parts to find it by its words.',
  crash: 'It broke its reader. Open it where it was made and save it again, then try again.',
}

/** An outcome for those that only want to know whether it worked. */
function plain<T>(opened: Opened<T>): T | { readonly ok: false; readonly reason: string } {
  return opened.ended === null ? opened.outcome : { ok: false, reason: opened.reason }
}

/** `owner` is the plan: plans take turns. */
export interface DocumentWorkers {
  readonly read: (
    owner: string,
    extension: string,
    content: Content,
    recognised: readonly RecognisedBody[],
  ) => Promise<Opened<Outcome>>
  /** One page (from 1). */
  readonly draw: (owner: string, extension: string, content: Content, page: number) => Promise<Opened<Drawn>>
  readonly thumbnail: (owner: string, extension: string, content: Content, text: string) => Promise<Opened<Drawn>>
  readonly mail: (owner: string, content: Content) => Promise<MailOutcome>
  /** What it holds, as files of their own. */
  readonly contents: (owner: string, extension: string, content: Content) => Promise<ContentsOutcome>
  /** What is derived from pages whose words are known. */
  readonly index: (owner: string, bodies: readonly string[]) => Promise<IndexedText>
  /** `languages` are three-letter codes, the likeliest first. */
  readonly recognise: (owner: string, png: Uint8Array, languages: readonly string[]) => Promise<Opened<Recognised>>
}

export const documents: DocumentWorkers = {
  read: (owner, extension, content, recognised) =>
    open<'read', Outcome>(background, owner, content, { kind: 'read', extension, recognised }),
  draw: (owner, extension, content, page) =>
    open<'draw', Drawn>(background, owner, content, { kind: 'draw', extension, page }),
  thumbnail: (owner, extension, content, text) =>
    open<'thumbnail', Drawn>(background, owner, content, { kind: 'thumbnail', extension, text }),
  mail: async (owner, content) => plain(await open<'mail', MailOutcome>(foreground, owner, content, { kind: 'mail' })),
  contents: async (owner, extension, content) =>
    plain(await open<'contents', ContentsOutcome>(foreground, owner, content, { kind: 'contents', extension })),
  async index(owner, bodies) {
    const opened = await open<'index', IndexedText>(background, owner, Buffer.from(JSON.stringify(bodies)), {
      kind: 'index',
    })
    if (opened.ended !== null) throw new Error(`The words of a document could not be prepared (${opened.ended}).`)
    return opened.outcome
  },
  async recognise(owner, png, languages) {
    try {
      return {
        ended: null,
        outcome: (await withStagedFile(png, file => recognising.run(owner, { file, languages }))) as Recognised,
      }
    } catch (error) {
      if (error instanceof TooManyWaiting) return fail('server.busy')
      if (error instanceof ProcessEnded && error.ending === 'stopped') throw error
      return {
        ended: error instanceof ProcessEnded && error.ending !== 'stopped' ? error.ending : 'crash',
        reason: 'The text of this page could not be recognised.',
      }
    }
  },
}

/** Draws a page (from 1) while somebody waits for it. */
export const drawPage = (owner: string, extension: string, content: Content, page: number): Promise<Opened<Drawn>> =>
  open<'draw', Drawn>(foreground, owner, content, { kind: 'draw', extension, page })

type LookedAt =
  | {
      readonly ok: true
      readonly png: Uint8Array
      readonly width: number
      readonly height: number
      readonly edits: ScanEdits
    }
  | { readonly ok: false; readonly reason: string }
type DrawnScan =
  | {
      readonly ok: true
      readonly bytes: Uint8Array
      readonly width: number
      readonly height: number
      readonly type: string
    }
  | { readonly ok: false; readonly reason: string }

/** Pages of a scanner: looked at, drawn, recognised and bound. Throws scan.picture for what is no picture. */
export const scanPages = {
  async look(owner: string, picture: Content) {
    const looked = plain(await open<'page.look', LookedAt>(foreground, owner, picture, { kind: 'page.look' }))
    return looked.ok ? { ...looked, png: Buffer.from(looked.png) } : fail('scan.picture')
  },
  async draw(owner: string, png: Buffer, edits: ScanEdits, width: number | null = null) {
    const drawn = plain(await open<'page.draw', DrawnScan>(foreground, owner, png, { kind: 'page.draw', edits, width }))
    return drawn.ok ? { ...drawn, bytes: Buffer.from(drawn.bytes) } : fail('scan.picture')
  },
  async recognise(owner: string, png: Uint8Array, languages: readonly string[]) {
    const opened = await documents.recognise(owner, png, languages)
    return opened.ended === null ? opened.outcome : fail('scan.picture')
  },
  async compose(owner: string, pictures: readonly Buffer[], pages: readonly ComposedPage[], title: string, now: Date) {
    const opened = plain(
      await open<'page.compose', { ok: true; bytes: Uint8Array } | { ok: false; reason: string }>(
        foreground,
        owner,
        Buffer.concat(pictures),
        { kind: 'page.compose', lengths: pictures.map(({ length }) => length), pages, title, now },
      ),
    )
    return opened.ok ? Buffer.from(opened.bytes) : fail('scan.picture')
  },
  async simulate(turn: number): Promise<Buffer[]> {
    const opened = plain(
      await open<'page.simulate', { ok: true; pages: readonly Uint8Array[] } | { ok: false; reason: string }>(
        foreground,
        'scanner',
        Buffer.of(),
        { kind: 'page.simulate', turn },
      ),
    )
    return opened.ok ? opened.pages.map(page => Buffer.from(page)) : fail('scan.picture')
  },
}

/** Starts the processes that stand ready for what somebody waits for, with what draws pages loaded. */
export async function warmUpWorkers(): Promise<void> {
  try {
    await Promise.all(Array.from({ length: SPARE }, () => open(foreground, 'ready', Buffer.of(), { kind: 'ready' })))
  } catch (error) {
    if (!(error instanceof ProcessEnded)) throw error // the server is being stopped
  }
}

/** How the processes fare, for those who run the server. */
export function workerFacts(): PoolFacts[] {
  return POOLS.map(pool => pool.facts())
}

export function stopWorkers(): void {
  for (const pool of POOLS) pool.stop()
}
