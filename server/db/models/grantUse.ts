import { DataTypes, Model } from 'sequelize'
import type { InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** How often a person opened what was given to them, and when last. */
export class GrantUse extends Model<InferAttributes<GrantUse>, InferCreationAttributes<GrantUse>> {
  declare planId: string
  declare grantId: string
  declare accountId: string
  declare count: number
  declare at: Date
}

export function grantUses(): typeof GrantUse {
  return modelOnce('GrantUse', sequelize =>
    GrantUse.init(
      {
        planId: { type: DataTypes.UUID, primaryKey: true },
        grantId: { type: DataTypes.UUID, primaryKey: true },
        accountId: { type: DataTypes.UUID, primaryKey: true },
        count: { type: DataTypes.INTEGER, allowNull: false },
        at: { type: DataTypes.DATE, allowNull: false },
      },
      { sequelize, tableName: 'access_grant_use', underscored: true, timestamps: false },
    ),
  )
}
