// What a command is made of. Each is one file in core/plan/commands and one line in their index.ts: its fields, what it
// has to see of the plan, the decision with the words for History, and its line of documentation.

import * as yup from 'yup'
import type { DocumentId, FolderId } from '../ids'
import type { Role } from '../rows/index'
import type { Needs } from './needs'
import type { Decision, Moment, Slice } from './slice'

type Fields = Readonly<Record<string, yup.AnySchema>>
type Deep<T> = T extends string | number | boolean | null | undefined
  ? T
  : T extends readonly (infer Item)[]
    ? readonly Deep<Item>[]
    : { readonly [K in keyof T]: Deep<T[K]> }
type Output<S extends yup.AnySchema> = Deep<S['__outputType']>
type HasDefault<S extends yup.AnySchema> = 'd' extends S['__flags'] ? true : false
type MayBeMissing<S extends yup.AnySchema> = undefined extends S['__outputType'] ? true : false

/** The values of a command with these fields, as it is decided on: what was left out has its default. */
export type Given<F extends Fields> = {
  readonly [K in keyof F as MayBeMissing<F[K]> extends true ? never : K]: Output<F[K]>
} & { readonly [K in keyof F as MayBeMissing<F[K]> extends true ? K : never]?: Output<F[K]> }

/** The same as it is written: a field with a default can be left out. */
type Written<F extends Fields> = {
  readonly [
    K in keyof F as HasDefault<F[K]> extends true ? never : MayBeMissing<F[K]> extends true ? never : K
  ]: Output<F[K]>
} & {
  readonly [K in keyof F as HasDefault<F[K]> extends true ? K : MayBeMissing<F[K]> extends true ? K : never]?: Output<
    F[K]
  >
}

/** Which folders and documents a command is about, for whoever does not own the plan. */
export interface Touched {
  /** Null is the top of the plan. */
  readonly folderIds: readonly (FolderId | null)[]
  readonly documentIds: readonly DocumentId[]
  /** Folders that become other ones, go elsewhere or are deleted: what was given itself cannot. */
  readonly changedFolderIds: readonly FolderId[]
}

/** That others may carry a command out in what was given to them, from this role on. */
export interface Shared<G> {
  readonly role: Role
  /** Enough for documents that one brought in oneself; left out: the same role. */
  readonly own?: Role
  /** Documents are gone from where they lie afterwards: only where all of their places were given. */
  readonly takesAway?: true
  readonly touches: (given: G) => Partial<Touched>
}

export interface Definition<Kind extends string, W, G, Shape extends yup.AnyObjectSchema | null> {
  readonly kind: Kind
  /** Fills in what was left out. */
  readonly whole: (written: W) => G
  /** What a client sends beside `kind`; null: only the server itself carries it out. */
  readonly shape: Shape
  readonly needs: (given: G) => Partial<Needs>
  readonly decide: (slice: Slice, given: G, moment: Moment) => Decision
  /** Its fields in the words of docs/api.md. */
  readonly doc: string
  /** In what was given to them; null: not there. */
  readonly shared: Shared<G> | null
  /** Why others do not carry it out who may change all of a plan; null: they may. */
  readonly owners: OwnersOnly | null
}

/** It is about rights, or about what belongs to a person and not to the plan: stars, pins, kept searches. */
export type OwnersOnly = 'right' | 'personal'

interface Parts<G> {
  /** Left out: the folders, colours and the plan itself, which are always there. */
  readonly needs?: (given: G) => Partial<Needs>
  readonly decide: (slice: Slice, given: G, moment: Moment) => Decision
  readonly doc: string
  readonly shared?: Shared<G>
  readonly owners?: OwnersOnly
}

const NOTHING_MORE = () => ({})

/** A command that clients send. `decide` may take more than they can say. */
export function command<Kind extends string, F extends Fields, G extends object>(
  kind: Kind,
  {
    fields,
    needs = NOTHING_MORE,
    decide,
    doc,
    shared = undefined,
    owners = undefined,
  }: Parts<G> & { readonly fields: F & (Given<F> extends G ? unknown : never) },
): Definition<Kind, Written<F> & Omit<G, keyof F>, G, yup.AnyObjectSchema> {
  const shape = yup.object(fields)
  const defaults = Object.fromEntries(
    Object.entries(shape.getDefault() as object).filter(
      ([name, value]) => value !== undefined && fields[name]?.spec.default !== undefined,
    ),
  )
  const given = (written: object) =>
    Object.fromEntries(Object.entries(written).filter(([, value]) => value !== undefined))
  // the fields' defaults are of their types
  return {
    kind,
    shape,
    needs,
    decide,
    doc,
    shared: shared ?? null,
    owners: owners ?? null,
    whole: written => ({ ...defaults, ...given(written) }) as unknown as G,
  }
}

/** A command that only the server itself carries out. */
export function serverCommand<Kind extends string, G extends object>(
  kind: Kind,
  { needs = NOTHING_MORE, decide, doc }: Parts<G>,
): Definition<Kind, G, G, null> {
  return { kind, shape: null, needs, decide, doc, shared: null, owners: null, whole: written => written }
}
