import { DataTypes, Model } from 'sequelize'
import type { InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** A colour of the key and what it stands for. After a plan is made, only Changes write it. */
export class Meaning extends Model<InferAttributes<Meaning>, InferCreationAttributes<Meaning>> {
  declare id: string
  declare planId: string
  declare name: string
  declare ink: string
  declare orderKey: string
  declare closed: boolean
  declare pattern: string
}

export function meanings(): typeof Meaning {
  return modelOnce('Meaning', sequelize =>
    Meaning.init(
      {
        id: { type: DataTypes.UUID, primaryKey: true },
        planId: { type: DataTypes.UUID, primaryKey: true },
        name: { type: DataTypes.TEXT, allowNull: false },
        ink: { type: DataTypes.TEXT, allowNull: false },
        orderKey: { type: DataTypes.TEXT, allowNull: false },
        closed: { type: DataTypes.BOOLEAN, allowNull: false },
        pattern: { type: DataTypes.TEXT, allowNull: false },
      },
      { sequelize, tableName: 'meaning', underscored: true, timestamps: false },
    ),
  )
}
