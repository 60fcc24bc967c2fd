import { DataTypes, Model } from 'sequelize'
import type { InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** A search that led somewhere; the same words are remembered once. */
export class RecentSearch extends Model<InferAttributes<RecentSearch>, InferCreationAttributes<RecentSearch>> {
  declare planId: string
  declare text: string
  /** The parts of its URL. */
  declare query: Readonly<Record<string, string>>
  declare at: Date
}

export function recentSearches(): typeof RecentSearch {
  return modelOnce('RecentSearch', sequelize =>
    RecentSearch.init(
      {
        planId: { type: DataTypes.UUID, primaryKey: true },
        text: { type: DataTypes.TEXT, primaryKey: true },
        query: { type: DataTypes.JSONB, allowNull: false },
        at: { type: DataTypes.DATE, allowNull: false },
      },
      { sequelize, tableName: 'recent_search', underscored: true, timestamps: false },
    ),
  )
}
