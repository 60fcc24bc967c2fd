// Ids are UUIDs (version 7 when Hembix makes them) branded by what they name, so that a folder's id
// cannot be handed to something that wants a document's.

declare const names: unique symbol
export type Id<Kind extends string> = string & { readonly [names]: Kind }

export type FolderId = Id<'folder'>
export type DocumentId = Id<'document'>
export type MeaningId = Id<'meaning'>
export type TagId = Id<'tag'>
export type OrderId = Id<'order'>
export type SearchId = Id<'search'>
export type BundleId = Id<'bundle'>
export type ShareLinkId = Id<'shareLink'>
export type GroupId = Id<'group'>
export type GrantId = Id<'grant'>
/** Of an account: a person is one with a name. */
export type PersonId = Id<'person'>

export const UUID_PATTERN = /^[0-9a-f]{8}-[0-9a-f]{4}-[1-8][0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/

/** The id in its canonical lower-case form, or null when the text is not a UUID. */
export function tryParseId<Kind extends string>(text: string): Id<Kind> | null {
  const lower = text.toLowerCase()
  return UUID_PATTERN.test(lower) ? (lower as Id<Kind>) : null
}
