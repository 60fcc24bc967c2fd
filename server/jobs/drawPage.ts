import type { Readers } from '../extract/readers'
import { startReaders } from '../extract/readers'

const TIME_LIMIT_MS = 20_000
let readers: Readers | null = null

/** Draws a page while somebody waits for it: on a thread of its own, not behind what is read in the background. Never throws for what is wrong with the document. */
export const drawPage: Readers['draw'] = (extension, bytes, page) => {
  readers ??= startReaders(TIME_LIMIT_MS)
  return readers.draw(extension, bytes, page)
}

/** Ends the thread, where there is one. */
export async function stopDrawing(): Promise<void> {
  await readers?.stop()
  readers = null
}
