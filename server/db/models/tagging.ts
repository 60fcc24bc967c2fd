import { DataTypes, Model } from 'sequelize'
import type { InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** A tag on a folder or document. */
export class Tagging extends Model<InferAttributes<Tagging>, InferCreationAttributes<Tagging>> {
  declare id: string
  declare planId: string
  declare tagId: string
  declare target: string
  declare targetId: string
}

export function taggings(): typeof Tagging {
  return modelOnce('Tagging', sequelize =>
    Tagging.init(
      {
        id: { type: DataTypes.UUID, primaryKey: true },
        planId: { type: DataTypes.UUID, allowNull: false },
        tagId: { type: DataTypes.UUID, allowNull: false },
        target: { type: DataTypes.TEXT, allowNull: false },
        targetId: { type: DataTypes.UUID, allowNull: false },
      },
      { sequelize, tableName: 'tagging', underscored: true, timestamps: false },
    ),
  )
}
