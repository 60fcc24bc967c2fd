import { DataTypes, Model } from 'sequelize'
import type { InferAttributes, InferCreationAttributes } from 'sequelize'
import type { FolderId } from '../../../core/ids'
import { modelOnce } from '../client'

/** What is written but not applied yet: it belongs to no Change. */
export class Draft extends Model<InferAttributes<Draft>, InferCreationAttributes<Draft>> {
  declare id: string
  declare planId: string
  declare name: string
  /** The folder whose branch it is to become; null: the whole plan. */
  declare rootId: FolderId | null
  /** As contract/draft says. */
  declare content: object
  declare changedAt: Date
}

export function drafts(): typeof Draft {
  return modelOnce('Draft', sequelize =>
    Draft.init(
      {
        id: { type: DataTypes.UUID, primaryKey: true },
        planId: { type: DataTypes.UUID, primaryKey: true },
        name: { type: DataTypes.TEXT, allowNull: false },
        rootId: { type: DataTypes.UUID },
        content: { type: DataTypes.JSONB, allowNull: false },
        changedAt: { type: DataTypes.DATE, allowNull: false },
      },
      { sequelize, tableName: 'draft', underscored: true, timestamps: false },
    ),
  )
}
