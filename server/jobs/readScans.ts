import { recogniser } from '../extract/ocr/recogniser'
import type { Readers } from '../extract/readers'
import { giveUpScan, keepScan, takeScan } from '../services/reading/recognise'

const IDLE_MS = 1200
const AT_ONCE = 2

/** Recognises the text of pages that are pictures, two at a time, one after the other as long as there are some. */
export function readScans(readers: Readers, log: (message: string) => void): { stop: () => void } {
  let stopped = false
  let said = ''
  const work = async (): Promise<void> => {
    while (!stopped) {
      const isIdle = await one().catch((error: unknown) => {
        const message = error instanceof Error ? error.message : String(error)
        if (message !== said) log(`scans: ${message}; tried again`)
        said = message
        return true
      })
      if (isIdle) await new Promise((resolve) => { setTimeout(resolve, IDLE_MS).unref() })
    }
  }
  const one = async (): Promise<boolean> => {
    const scan = await takeScan()
    if (!scan) return true
    const drawn = scan.bytes.length === 0 ? null : await readers.draw(scan.extension, scan.bytes, scan.page)
    if (!drawn?.ok) await giveUpScan(scan)
    else {
      const seen = await recogniser().see(drawn.picture, scan.languages).catch(() => null) // it is given up, and the others go on
      await (seen ? keepScan(scan, seen) : giveUpScan(scan))
    }
    return false
  }
  for (let worker = 0; worker < AT_ONCE; worker++) void work()
  return { stop() { stopped = true; recogniser().stop() } }
}
