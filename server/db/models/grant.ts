import { DataTypes, Model } from 'sequelize'
import type { InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'
import { GRANTEES, ROLES, TARGETS } from '../../../core/rows/index'
import { oneOf } from '../validations'

/** What was given to a person, a group or everyone. Only Changes write it. */
export class Grant extends Model<InferAttributes<Grant>, InferCreationAttributes<Grant>> {
  declare planId: string
  declare id: string
  declare target: string
  declare targetId: string
  declare who: string
  declare whoId: string | null
  declare role: string
  declare until: Date | null
  declare note: string
  declare createdAt: Date
}

export function grants(): typeof Grant {
  return modelOnce('Grant', sequelize =>
    Grant.init(
      {
        planId: { type: DataTypes.UUID, primaryKey: true },
        id: { type: DataTypes.UUID, primaryKey: true },
        target: { type: DataTypes.TEXT, allowNull: false, validate: oneOf(TARGETS) },
        targetId: { type: DataTypes.UUID, allowNull: false },
        who: { type: DataTypes.TEXT, allowNull: false, validate: oneOf(GRANTEES) },
        whoId: { type: DataTypes.UUID },
        role: { type: DataTypes.TEXT, allowNull: false, validate: oneOf(ROLES) },
        until: { type: DataTypes.DATE },
        note: { type: DataTypes.TEXT, allowNull: false },
        createdAt: { type: DataTypes.DATE, allowNull: false },
      },
      { sequelize, tableName: 'access_grant', underscored: true, timestamps: false },
    ),
  )
}
