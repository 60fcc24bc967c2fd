import { DataTypes, Model } from 'sequelize'
import type { CreationOptional, InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** What full text search looks at: one row for each live document. */
export class SearchRow extends Model<InferAttributes<SearchRow>, InferCreationAttributes<SearchRow>> {
  declare documentId: string
  declare planId: string
  declare changedAt: Date
  declare words: string
  declare pad: CreationOptional<string>
  declare extension: CreationOptional<string>
  declare origin: CreationOptional<string>
  declare size: CreationOptional<string>
  declare language: string | null
  declare meaningId: string | null
  declare addedAt: CreationOptional<Date>
  declare datedAt: Date | null
  declare author: CreationOptional<string>
  declare authorFolded: CreationOptional<string>
}

export function searchRows(): typeof SearchRow {
  return modelOnce('SearchRow', sequelize =>
    SearchRow.init(
      {
        documentId: { type: DataTypes.UUID, primaryKey: true },
        planId: { type: DataTypes.UUID, primaryKey: true },
        changedAt: { type: DataTypes.DATE, allowNull: false },
        words: { type: DataTypes.TSVECTOR, allowNull: false },
        pad: { type: DataTypes.TEXT, allowNull: false },
        extension: { type: DataTypes.TEXT, allowNull: false, defaultValue: '' },
        origin: { type: DataTypes.TEXT, allowNull: false, defaultValue: '' },
        size: { type: DataTypes.BIGINT, allowNull: false, defaultValue: 0 },
        language: { type: DataTypes.TEXT },
        meaningId: { type: DataTypes.UUID },
        addedAt: { type: DataTypes.DATE, allowNull: false, defaultValue: DataTypes.NOW },
        datedAt: { type: DataTypes.DATE },
        author: { type: DataTypes.TEXT, allowNull: false, defaultValue: '' },
        authorFolded: { type: DataTypes.TEXT, allowNull: false, defaultValue: '' },
      },
      { sequelize, tableName: 'search_row', underscored: true, timestamps: false },
    ),
  )
}
