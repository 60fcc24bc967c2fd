import { fileNameOf } from './formats'

interface Named {
  readonly name: string
  readonly extension: string
}

/** Names of files in an archive, in their order: numbered from 1 with as many digits as the last needs, none twice. */
export function archiveNames(documents: readonly Named[]): string[] {
  const digits = String(documents.length).length
  return documents.map(
    ({ name, extension }, index) => `${String(index + 1).padStart(digits, '0')} ${fileNameOf(name, extension)}`,
  )
}
