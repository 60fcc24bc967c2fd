// Rows of what is given to others: links, groups of people, roles.

import type { GrantId, GroupId, PersonId, ShareLinkId } from '../ids'

/** Whoever has it may read one thing, without an account. */
export interface ShareLinkRow {
  readonly id: ShareLinkId
  readonly target: 'folder' | 'document'
  readonly targetId: string
  /** SHA-256 of the secret that stands in its address, in hex; the secret itself is nowhere. */
  readonly secretHash: string
  /** scrypt of the passphrase that it asks for as well, in hex; null: none. */
  readonly passphraseHash: string | null
  /** ISO 8601; null: until it is ended. */
  readonly until: string | null
  /** Whom it is for, for the giver's own memory. */
  readonly note: string
  readonly createdAt: string
}

/**
 * What somebody may do, each role holding the ones before it: read (see, search, download), add (bring documents in,
 * change one's own), edit (everything but rights), keep (rights as well).
 */
export const ROLES = ['read', 'add', 'edit', 'keep'] as const
export type Role = (typeof ROLES)[number]

/** What is given, asked for and handed over: the plan, a folder with all below, a document. */
export const TARGETS = ['plan', 'folder', 'document'] as const
export const GRANTEES = ['person', 'group', 'everyone'] as const

/** A named set of people. */
export interface GroupRow {
  readonly id: GroupId
  readonly name: string
  readonly createdAt: string
}

export interface GroupMemberRow {
  readonly id: string
  readonly groupId: GroupId
  readonly personId: PersonId
}

/** A role of a person, a group or everyone with an account, on the plan, a folder with all below, or a document. */
export interface GrantRow {
  readonly id: GrantId
  readonly target: (typeof TARGETS)[number]
  readonly targetId: string
  readonly who: (typeof GRANTEES)[number]
  /** Of the person or the group; null: everyone. */
  readonly whoId: string | null
  readonly role: Role
  /** ISO 8601; null: until it is ended. */
  readonly until: string | null
  /** What they are told with it. */
  readonly note: string
  readonly createdAt: string
}
