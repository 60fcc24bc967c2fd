import { DataTypes, Model } from 'sequelize'
import type { InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** The last running number that was given out with a prefix. */
export class Serial extends Model<InferAttributes<Serial>, InferCreationAttributes<Serial>> {
  declare planId: string
  declare prefix: string
  declare last: number
}

export function serials(): typeof Serial {
  return modelOnce('Serial', sequelize =>
    Serial.init(
      {
        planId: { type: DataTypes.UUID, primaryKey: true },
        prefix: { type: DataTypes.TEXT, primaryKey: true },
        last: { type: DataTypes.INTEGER, allowNull: false },
      },
      { sequelize, tableName: 'serial', underscored: true, timestamps: false },
    ),
  )
}
