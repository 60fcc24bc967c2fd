import { DataTypes, Model } from 'sequelize'
import type { InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'
import { NOT_EMPTY } from '../validations'

/** A branch saved for use again, in the notation of drafts. */
export class Skeleton extends Model<InferAttributes<Skeleton>, InferCreationAttributes<Skeleton>> {
  declare id: string
  declare planId: string
  declare name: string
  declare outline: string
  declare createdAt: Date
}

export function skeletons(): typeof Skeleton {
  return modelOnce('Skeleton', sequelize =>
    Skeleton.init(
      {
        id: { type: DataTypes.UUID, primaryKey: true },
        planId: { type: DataTypes.UUID, primaryKey: true },
        name: { type: DataTypes.TEXT, allowNull: false, validate: NOT_EMPTY },
        outline: { type: DataTypes.TEXT, allowNull: false },
        createdAt: { type: DataTypes.DATE, allowNull: false },
      },
      { sequelize, tableName: 'skeleton', underscored: true, timestamps: false },
    ),
  )
}
