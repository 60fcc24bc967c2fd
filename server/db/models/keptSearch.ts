import { DataTypes, Model } from 'sequelize'
import type { InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'
import { NOT_EMPTY } from '../validations'

/** A kept search. After a plan is made, only Changes write it. */
export class KeptSearch extends Model<InferAttributes<KeptSearch>, InferCreationAttributes<KeptSearch>> {
  declare id: string
  declare planId: string
  declare name: string
  declare query: Readonly<Record<string, string>>
  declare folderId: string | null
  declare pinned: boolean
  declare desk: boolean
  declare createdAt: Date
}

export function keptSearches(): typeof KeptSearch {
  return modelOnce('KeptSearch', sequelize =>
    KeptSearch.init(
      {
        id: { type: DataTypes.UUID, primaryKey: true },
        planId: { type: DataTypes.UUID, primaryKey: true },
        name: { type: DataTypes.TEXT, allowNull: false, validate: NOT_EMPTY },
        query: { type: DataTypes.JSONB, allowNull: false },
        folderId: { type: DataTypes.UUID },
        pinned: { type: DataTypes.BOOLEAN, allowNull: false },
        desk: { type: DataTypes.BOOLEAN, allowNull: false },
        createdAt: { type: DataTypes.DATE, allowNull: false },
      },
      { sequelize, tableName: 'kept_search', underscored: true, timestamps: false },
    ),
  )
}
