import { DataTypes, Model } from 'sequelize'
import type { InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** A named set of people. Only Changes write it. */
export class PersonGroup extends Model<InferAttributes<PersonGroup>, InferCreationAttributes<PersonGroup>> {
  declare planId: string
  declare id: string
  declare name: string
  declare createdAt: Date
}

export function personGroups(): typeof PersonGroup {
  return modelOnce('PersonGroup', sequelize =>
    PersonGroup.init(
      {
        planId: { type: DataTypes.UUID, primaryKey: true },
        id: { type: DataTypes.UUID, primaryKey: true },
        name: { type: DataTypes.TEXT, allowNull: false },
        createdAt: { type: DataTypes.DATE, allowNull: false },
      },
      { sequelize, tableName: 'person_group', underscored: true, timestamps: false },
    ),
  )
}
