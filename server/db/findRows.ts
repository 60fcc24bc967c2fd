// Rows of a plan as core knows them, read through their models: times as ISO text, whole numbers as such.

import type { FindAttributeOptions, Model, ModelStatic, Order, WhereOptions } from 'sequelize'
import type { TableName, Tables } from '../../core/rows/index'
import type { Transaction } from './client'
import { literal } from './client'
import { bundles } from './models/bundle'
import { bundleItems } from './models/bundleItem'
import { documents } from './models/document'
import { folders } from './models/folder'
import { groupMembers } from './models/groupMember'
import { grants } from './models/grant'
import { keptSearches } from './models/keptSearch'
import { meanings } from './models/meaning'
import { placements } from './models/placement'
import { personGroups } from './models/personGroup'
import { plans } from './models/plan'
import { shareLinks } from './models/shareLink'
import { standingOrders } from './models/standingOrder'
import { stars } from './models/star'
import { tags } from './models/tag'
import { taggings } from './models/tagging'
import { versions } from './models/version'
import { COLUMNS, columnName, selected } from './tables'

const MODEL_OF: { readonly [T in TableName]: () => ModelStatic<Model> } = {
  plan: plans,
  meaning: meanings,
  folder: folders,
  document: documents,
  version: versions,
  placement: placements,
  star: stars,
  tag: tags,
  tagging: taggings,
  standing_order: standingOrders,
  kept_search: keptSearches,
  bundle: bundles,
  bundle_item: bundleItems,
  share_link: shareLinks,
  person_group: personGroups,
  group_member: groupMembers,
  access_grant: grants,
}

export interface RowQuery {
  readonly where: WhereOptions
  readonly order?: Order
  readonly transaction?: Transaction | null
  /** Locks the rows until the transaction ends. */
  readonly lock?: boolean
  /** Columns of core that are not asked for. */
  readonly except?: readonly string[]
  /** Columns that core does not have, by the name that they get. */
  readonly also?: Readonly<Record<string, string>>
}

/** Rows of one table; with `also`, what these expressions give beside. */
export async function findRows<T extends TableName, Also extends object = object>(
  table: T,
  { where, order, transaction = null, lock = false, except = [], also = {} }: RowQuery,
): Promise<(Tables[T] & Also)[]> {
  const attributes: FindAttributeOptions = [
    ...COLUMNS[table]
      .filter(key => !except.includes(key))
      .map((key): [ReturnType<typeof literal>, string] => [literal(selected(key, columnName(key))), key]),
    ...Object.entries(also).map(([key, sql]): [ReturnType<typeof literal>, string] => [literal(sql), key]),
  ]
  const found = await MODEL_OF[table]().findAll({ where, attributes, order, transaction, lock, raw: true })
  return found as unknown as (Tables[T] & Also)[] // raw rows have the names that the attributes give
}

/** By name as people sort: "9" before "10". */
export const BY_NAME = literal('name COLLATE natural_order')
