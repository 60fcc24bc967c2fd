import { DataTypes, Model } from 'sequelize'
import type { CreationOptional, InferAttributes, InferCreationAttributes } from 'sequelize'
import { modelOnce } from '../client'

/** An act that takes long, while it runs, known to every process: its progress is seen, and it can be stopped. */
export class LongAct extends Model<InferAttributes<LongAct>, InferCreationAttributes<LongAct>> {
  declare changeId: string
  declare planId: string
  declare stop: CreationOptional<boolean>
  declare beganAt: CreationOptional<Date>
}

export function longActs(): typeof LongAct {
  return modelOnce('LongAct', sequelize =>
    LongAct.init(
      {
        changeId: { type: DataTypes.UUID, primaryKey: true },
        planId: { type: DataTypes.UUID, primaryKey: true },
        stop: { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: false },
        beganAt: { type: DataTypes.DATE, allowNull: false, defaultValue: DataTypes.NOW },
      },
      { sequelize, tableName: 'long_act', underscored: true, timestamps: false },
    ),
  )
}
