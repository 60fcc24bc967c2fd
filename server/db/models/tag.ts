import { DataTypes, Model } from 'sequelize'
import type { CreationOptional, InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** A tag of the plan. */
export class Tag extends Model<InferAttributes<Tag>, InferCreationAttributes<Tag>> {
  declare id: string
  declare planId: string
  declare name: string
  declare folded: string
  declare meaningId: string | null
  declare hidden: CreationOptional<boolean>
}

export function tags(): typeof Tag {
  return modelOnce('Tag', sequelize =>
    Tag.init(
      {
        id: { type: DataTypes.UUID, primaryKey: true },
        planId: { type: DataTypes.UUID, primaryKey: true },
        name: { type: DataTypes.TEXT, allowNull: false },
        folded: { type: DataTypes.TEXT, allowNull: false },
        meaningId: { type: DataTypes.UUID },
        hidden: { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: false },
      },
      { sequelize, tableName: 'tag', underscored: true, timestamps: false },
    ),
  )
}
