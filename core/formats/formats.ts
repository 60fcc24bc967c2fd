// What is known of a file from its extension (core/formats/catalogue).

import type { Format, FormatKey, ReadableFormat } from './catalogue'
import { FORMATS } from './catalogue'

const BY_EXTENSION: ReadonlyMap<string, { readonly key: FormatKey; readonly format: Format }> = new Map(
  Object.entries<Format>(FORMATS).flatMap(([key, format]) =>
    format.extensions.map(extension => [extension, { key: key as FormatKey, format }] as const),
  ),
)

/** null: a format that Hembix does not know. */
export function formatOf(extension: string): Format | null {
  return BY_EXTENSION.get(extension)?.format ?? null
}

/** Anything unknown is an octet stream. */
export function mediaTypeOf(extension: string): string {
  return formatOf(extension)?.mediaType ?? 'application/octet-stream'
}

/** All extensions of the formats for which this holds, in the order of the catalogue. */
export function extensionsWhere(holds: (format: Format) => boolean): string[] {
  return [...BY_EXTENSION].filter(([, { format }]) => holds(format)).map(([extension]) => extension)
}

/** Extensions of the formats whose words are read. */
export const READABLE: readonly string[] = extensionsWhere(format => format.read === true)

export function isReadable(extension: string): boolean {
  return formatOf(extension)?.read === true
}

/** The format by whose reader a file of this extension is opened; null where its words are not read. */
export function readableFormat(extension: string): ReadableFormat | null {
  const known = BY_EXTENSION.get(extension)
  return known?.format.read ? (known.key as ReadableFormat) : null // those that are read are the readable ones
}

/** Pictures whose pages are recognised, and drawn on the server. */
export function isScanned(extension: string): boolean {
  return formatOf(extension)?.scanned === true
}

/** Pictures that browsers do not show by themselves: the server draws their pages. */
export function needsServerRendering(extension: string): boolean {
  return formatOf(extension)?.preview === 'drawn'
}

/** Whether an office suite can set it as pages. */
export function isOfficeDocument(extension: string): boolean {
  return formatOf(extension)?.office === true
}

/** Whether a small picture of it can be made. */
export function hasThumbnail(extension: string): boolean {
  const format = formatOf(extension)
  return format?.read === true || format?.thumbnail === true
}

/** Pictures that a browser shows by itself. */
export function isPicture(extension: string): boolean {
  const format = formatOf(extension)
  return format?.preview === 'picture' && format.inline === true
}

/** Whether it is played: sound, film, or neither. */
export function playedAs(extension: string): 'sound' | 'film' | null {
  const preview = formatOf(extension)?.preview
  return preview === 'sound' || preview === 'film' ? preview : null
}

/** What a browser may show by itself in place; everything else is only ever handed out as a download. */
export function isInlineSafe(extension: string): boolean {
  return formatOf(extension)?.inline === true
}

/** What of a document can be made documents of their own, if anything. */
export function holdsOf(extension: string): NonNullable<Format['holds']> | null {
  return formatOf(extension)?.holds ?? null
}

/** What some documents of this format hold: whether this one does, reading it tells. */
export function mayHoldOf(extension: string): NonNullable<Format['mayHold']> | null {
  return formatOf(extension)?.mayHold ?? null
}

/** Whether packing it once more saves nothing. */
export function isPacked(extension: string): boolean {
  return formatOf(extension)?.packed === true
}

/** The name under which a document is handed out: "Minutes.pdf". */
export function fileNameOf(name: string, extension: string): string {
  return extension === '' ? name : `${name}.${extension}`
}
