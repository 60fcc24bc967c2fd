// pdfjs talks to its reading part by messages, and copies each of them where both are in one thread: an eighth of the
// time of a text. Here only the message and what it carries are copied, not what is in it: the sender goes on with the
// same object for the next piece, but with new lists. Pages that are drawn keep the usual way, since they give buffers
// away.

import type { PDFWorker } from 'pdfjs-dist/legacy/build/pdf.mjs'
import { pdfLibrary } from './pdfLibrary'

type Listener = (event: { readonly data: unknown }) => void

/** One end of a pair that hands messages to the other end, each after what runs at the moment. */
class Wire {
  private readonly listeners = new Set<Listener>()
  private other: Wire | null = null

  static pair(): readonly [Wire, Wire] {
    const [one, other] = [new Wire(), new Wire()]
    one.other = other
    other.other = one
    return [one, other]
  }

  postMessage(message: Readonly<Record<string, unknown>>): void {
    const { other } = this
    const data = { ...message, ...(isPlain(message.chunk) ? { chunk: { ...message.chunk } } : {}) }
    queueMicrotask(() =>
      other?.listeners.forEach(listener => {
        listener({ data })
      }),
    )
  }

  addEventListener(_name: string, listener: Listener, { signal }: { readonly signal?: AbortSignal } = {}): void {
    this.listeners.add(listener)
    signal?.addEventListener('abort', () => this.listeners.delete(listener), { once: true })
  }

  removeEventListener(_name: string, listener: Listener): void {
    this.listeners.delete(listener)
  }
}

const isPlain = (value: unknown): value is object =>
  typeof value === 'object' && value !== null && Object.getPrototypeOf(value) === Object.prototype

/** A reading part of its own in this thread; it ends with its document. */
export async function wiredWorker(): Promise<PDFWorker> {
  const [{ PDFWorker: Worker, VerbosityLevel }, { WorkerMessageHandler }] = [
    await pdfLibrary(),
    await import('pdfjs-dist/legacy/build/pdf.worker.mjs'),
  ]
  const [ours, theirs] = Wire.pair()
  WorkerMessageHandler.initializeFromPort(theirs)
  return new Worker({ port: ours as never, verbosity: VerbosityLevel.ERRORS } as never)
}
