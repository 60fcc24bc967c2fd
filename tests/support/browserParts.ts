// The parts of a browser that stores and composables touch, for tests without one.

import { vi } from 'vitest'

/** A storage that forgets at once what the test before kept; gives its contents. */
export function stubBrowser(kept: Record<string, string> = {}): Map<string, string> {
  const contents = new Map(Object.entries(kept))
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => contents.get(key) ?? null,
    setItem: (key: string, value: string) => {
      contents.set(key, value)
    },
  })
  vi.stubGlobal('window', { getSelection: () => null })
  return contents
}
