// What a document that has just arrived could be called: from its text, the date in it, and the way
// names are made where it goes.

import { datesIn } from '../dates/index'
import type { NamePart } from '../plan/index'
import { checkName, isNamePart, NAME_LIMIT } from '../plan/index'
import { foldedText, languageOf } from '../text/index'
import { tidyName } from './tidyName'

export interface Nameable {
  /** As it is called now. */
  readonly name: string
  readonly sender: string
  /** The beginning of its text, as it stands. */
  readonly text: string
}

export interface NamePlace {
  readonly folder: string
  /** Its own or inherited pattern, such as "{date} {title}"; null: as most names there are made. */
  readonly pattern: string | null
  /** Names of documents that lie there. */
  readonly names: readonly string[]
}

export interface NameSuggestion {
  readonly name: string
  /** Where it was taken from, in words. */
  readonly from: string
}

/** At most three names, the likeliest first, none of them the one it has. */
export function suggestNames(document: Nameable, place: NamePlace | null): NameSuggestion[] {
  const title = titleIn(document.text)
  const date = firstDate(document)
  const tidied = tidyName(document.name)
  const pattern = place === null ? null : (place.pattern ?? usualPattern(place.names))
  const candidates: { name: string | null; from: string }[] = []
  const readable = title ?? (tidied === '' ? null : tidied)
  const parts: Record<NamePart, string | null> = {
    date: date?.date ?? null,
    title: readable,
    folder: place?.folder ?? null,
    sender: document.sender === '' ? null : document.sender,
    name: tidied === '' ? document.name : tidied,
    number: place === null ? null : nextNumber(place.names),
  }
  if (pattern !== null) candidates.push({ name: filled(pattern, parts), from: sourceOf(pattern, title, date) })
  if (date && title) candidates.push({ name: `${date.date} ${title}`, from: `${date.from}, first line` })
  if (title) candidates.push({ name: title, from: 'first line of the text' })
  if (date && tidied !== '' && !tidied.includes(date.date))
    candidates.push({ name: `${date.date} ${tidied}`, from: `${date.from}, its name` })
  if (tidied !== '') candidates.push({ name: tidied, from: 'its name, tidied' })
  const seen = new Set([document.name])
  return candidates
    .flatMap(({ name, from }) => {
      const checked = name === null ? null : checkName([...name].slice(0, NAME_LIMIT).join(''))
      if (!checked?.ok || seen.has(checked.name)) return []
      seen.add(checked.name)
      return [{ name: checked.name, from }]
    })
    .slice(0, 3)
}

/** The first line that reads like a heading: a few words, most of it letters. */
export function titleIn(text: string): string | null {
  for (const line of text.split(/\r?\n/).slice(0, 12)) {
    const heading = line
      .replace(/^[\s#>*=-]+/, '')
      .replace(/\s+/g, ' ')
      .trim()
      .replace(/[.:;,]+$/, '')
    const letters = heading.match(/\p{L}/gu)?.length ?? 0
    if (heading.length < 3 || letters < heading.length * 0.35) continue
    const short = heading.length <= 90 ? heading : heading.slice(0, heading.lastIndexOf(' ', 90))
    return short.replace(/[/\\]/g, '-').replace(/\p{Cc}/gu, '')
  }
  return null
}

function firstDate({ name, text }: Nameable): { date: string; from: string } | null {
  const inName = datesIn(name)[0]
  if (inName) return { date: inName.date, from: 'date in its name' }
  const inText = datesIn(text, {
    monthFirst: /\b(?:color|center|check enclosed|ZIP)\b/.test(text) && languageOf(text) === 'en',
  })[0]
  return inText ? { date: inText.date, from: 'date in the text' } : null
}

/** Most names of a folder begin with a day: new ones do so too. */
export function usualPattern(names: readonly string[]): string {
  const dated = names.filter(name => /^(?:19|20)\d\d-\d\d-\d\d\b/.test(name)).length
  return names.length > 0 && dated >= names.length * 0.5 ? '{date} {title}' : '{title}'
}

function nextNumber(names: readonly string[]): string {
  const numbers = names.flatMap(name => /^(\d{1,5})\b(?!-)/.exec(name)?.[1] ?? [])
  const width = Math.max(2, ...numbers.map(number => number.length))
  return String(Math.max(0, ...numbers.map(Number)) + 1).padStart(width, '0')
}

/** The pattern with its parts; null where one is not known. Said twice is said once: the date in the title, say. */
export function filled(pattern: string, parts: Readonly<Record<NamePart, string | null>>): string | null {
  const missing = [...pattern.matchAll(/\{(\w+)\}/g)].some(
    match => isNamePart(match[1] ?? '') && parts[match[1] as NamePart] === null,
  )
  if (missing) return null
  const title = parts.title ?? ''
  const { date } = parts
  const isDated = pattern.includes('{date}') && date !== null && foldedText(title).startsWith(foldedText(date))
  const text = pattern.replace(/\{(\w+)\}/g, (_, part: NamePart) =>
    part === 'title' && isDated ? title.slice(date.length).trim() : (parts[part] ?? ''),
  )
  return text.replace(/\s+/g, ' ').trim()
}

function sourceOf(pattern: string, title: string | null, date: { from: string } | null): string {
  const parts = [
    ...(pattern.includes('{date}') && date ? [date.from] : []),
    ...(pattern.includes('{title}') ? [title ? 'first line' : 'its name'] : []),
    ...(pattern.includes('{folder}') ? ['the folder'] : []),
  ]
  return parts.length > 0 ? parts.join(', ') : 'the pattern of the folder'
}
